import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { Awaited } from '../kit/States';
import { SignInPage } from './SignInPage';
import { useSession } from '../server/useSession';

/** At the shop's own machine, where nobody has to: for a name under what is done. */
export function HereSignIn() {
  const { data, error, refetch } = useSession();
  const navigate = useNavigate();
  const signedIn = data?.name !== undefined;
  useEffect(() => {
    if (signedIn) {
      void navigate('/', { replace: true });
    }
  }, [signedIn, navigate]);
  if (!data) {
    return <Awaited what="who is here" error={error} retry={() => void refetch()} />;
  }
  return signedIn ? null : <SignInPage session={data} />;
}
