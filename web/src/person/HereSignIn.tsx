import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { SignInPage } from './SignInPage';
import { useSession } from '../server/useSession';

/** At the shop's own machine, where nobody has to: for a name under what is done. */
export function HereSignIn() {
  const { data } = useSession();
  const navigate = useNavigate();
  const signedIn = data?.name !== undefined;
  useEffect(() => {
    if (signedIn) {
      void navigate('/', { replace: true });
    }
  }, [signedIn, navigate]);
  return data && !signedIn ? <SignInPage session={data} /> : null;
}
