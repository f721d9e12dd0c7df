import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { client, dataOf, done, Problem, sendFile, type Schemas } from '../api/client';
import { until } from '../kit/style/clock';
import { keyOf } from './keys';

export type Backups = Schemas['BackupView'];
export type KeptBackup = Schemas['KeptBackup'];

const LOOK_MS = 600_000;
/** Five years of a shop on a slow machine, and some. */
const PATIENCE = { everyMs: 700, mostMs: 300_000 };

/** For owners alone. */
export function useBackups(enabled = true) {
  return useQuery({
    queryKey: keyOf('backups'),
    queryFn: () => dataOf(client.GET('/api/backups')),
    refetchInterval: LOOK_MS,
    enabled,
  });
}

/** Makes one now. */
export function useBackUp() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () => dataOf(client.POST('/api/backups')),
    onSuccess: (backups) => queries.setQueryData(keyOf('backups'), backups),
  });
}

export function useSecondFolder() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (path: string) =>
      dataOf(client.PUT('/api/backups/second-folder', { body: path.trim() ? { path } : {} })),
    onSuccess: (backups) => queries.setQueryData(keyOf('backups'), backups),
  });
}

/** Goes back to one, and waits until the application is there again with it. */
export function useGoBack() {
  return useMutation({
    mutationFn: async ({ name, newest }: { name: string; newest: string | undefined }) => {
      await done(client.POST('/api/backups/{name}/restore', { params: { path: { name } } }));
      await restarted(newest);
      window.location.assign('/');
    },
  });
}

/** Puts what an archive has in the place of what is here, and waits as after going back. */
export function useTakeIn() {
  return useMutation({
    mutationFn: async ({ file, newest }: { file: File; newest: string | undefined }) => {
      await sendFile('/api/everything', file);
      await restarted(newest, 'before-restore');
      window.location.assign('/');
    },
  });
}

/** What was there is kept as one more backup, by which it is known that all is done. */
async function restarted(newest: string | undefined, why = ''): Promise<void> {
  const isBack = async () => {
    try {
      const last = (await dataOf(client.GET('/api/backups'))).items[0]?.name;
      return last !== newest && (last ?? '').includes(why);
    } catch (e) {
      // Going back ends all sessions: whoever did it from elsewhere signs in again. Else it is not
      // there yet.
      return e instanceof Problem && e.code === 'request.signIn';
    }
  };
  if (!(await until(isBack, PATIENCE))) {
    throw new Problem(
      'restart',
      'It did not come back. Look at the window that ./run was started in; nothing is lost.',
    );
  }
}

/** Looks through the data when asked to. */
export function useCheck() {
  return useMutation({
    meta: { asksOnly: true },
    mutationFn: () => dataOf(client.GET('/api/check')),
  });
}
