import { Box, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { messageOf } from '../api/client';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useSignIn } from '../server/useSession';

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
        {signIn.error && (
          <Text role="alert" color="oxide" fontWeight={600} mb={3}>
            {messageOf(signIn.error)}
          </Text>
        )}
        <Key main type="submit" busy={signIn.isPending} disabled={!name || !password}>
          Sign in
        </Key>
      </Box>
    </form>
  );
}
