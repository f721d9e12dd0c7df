import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { clock, dateAt, moment } from '../kit/style/time';
import { Empty, Failed, Key, Loading } from '../kit/States';
import { LinkKey } from '../kit/Tabs';
import { useTitle } from '../kit/useTitle';
import { useNow } from '../server/useWorkshop';
import { BackupRow } from './BackupRow';
import { Check } from './Check';
import { Everything } from './Everything';
import { SecondFolder } from './SecondFolder';
import { Spans } from './Spans';
import { type Backups, useBackUp, useBackups } from '../server/useBackups';
import { Wrong } from '../kit/Wrong';

/** What is kept of the shop's data, how far back one can go, and whether it is in order. */
export function BackupsPage() {
  useTitle('Backups');
  const now = useNow();
  const { data, error, refetch } = useBackups();
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1180px">
      <Flex justifyContent="space-between" gap={4} wrap="wrap" mb={3}>
        <Text as="h1" textStyle="title">
          Backups
        </Text>
        <LinkKey to="/workshop">Workshop</LinkKey>
      </Flex>
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the backups" />}
      {data && (
        <Grid templateColumns={{ base: '1fr', md: '340px 1fr' }} gap={9}>
          <Box>
            <Last backups={data} now={now} />
            <SecondFolder key={data.secondFolder ?? ''} backups={data} />
            <Everything newest={data.items[0]?.name} />
            <Check />
          </Box>
          <Box as="section" aria-label="What is kept">
            <Spans
              madeAt={data.items.filter((b) => b.good).map((b) => Date.parse(b.madeAt))}
              now={now}
            />
            {data.items.length === 0 && (
              <Empty title="No backup yet">
                One is made by itself each day that the shop is open: the last of each of 7 days, 4
                weeks and 12 months stay.
              </Empty>
            )}
            <Box as="ul" listStyleType="none" p={0} m={0}>
              {data.items.map((b) => (
                <BackupRow key={b.name} backup={b} newest={data.items[0]?.name} now={now} />
              ))}
            </Box>
          </Box>
        </Grid>
      )}
    </Box>
  );
}

/** A clock alone is today's. */
function said(at: number, now: number): string {
  return dateAt(at) === dateAt(now) ? `today ${clock(at)}` : moment(at, now);
}

function Last({ backups, now }: { backups: Backups; now: number }) {
  const make = useBackUp();
  return (
    <Box as="section" aria-label="The last one">
      <Text textStyle="small" color="quiet">
        Last good backup
      </Text>
      <Text textStyle="figure" color={backups.late ? 'oxide' : 'ink'}>
        {backups.lastGoodAt ? said(Date.parse(backups.lastGoodAt), now) : 'none yet'}
      </Text>
      {backups.late && (
        <Text role="alert" color="oxide" fontWeight={600}>
          Over two days old. Make one now; where it is refused, it says why.
        </Text>
      )}
      <Box mt={3}>
        <Key main busy={make.isPending} onClick={() => make.mutate()}>
          Back up now
        </Key>
      </Box>
      <Wrong error={make.error} mt={2} />
    </Box>
  );
}
