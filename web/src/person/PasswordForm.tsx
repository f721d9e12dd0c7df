import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useSignIn } from '../server/useSession';
import { Wrong } from '../kit/Wrong';

/** A name and a password, as owners sign in. */
export function PasswordForm() {
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const signIn = useSignIn();
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        signIn.mutate({ name, password });
      }}
    >
      <Box maxW="420px">
        <TextField label="name" text={name} onText={setName} autoComplete="username" />
        <TextField
          label="password"
          text={password}
          onText={setPassword}
          type="password"
          autoComplete="current-password"
        />
        <Wrong error={signIn.error} mb={3} />
        <Key main type="submit" busy={signIn.isPending} disabled={!name || !password}>
          Sign in
        </Key>
      </Box>
    </form>
  );
}
