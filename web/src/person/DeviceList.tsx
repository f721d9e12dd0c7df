import { moment } from '../kit/style/time';
import { EndList } from './EndList';
import { useDevices, useSignedIn } from '../server/usePeople';

const KIND = { tablet: 'tablet', screen: 'screen at the door' };

/** What is paired; one that is lost is ended here. */
export function DeviceList({ now }: { now: number }) {
  const { data } = useDevices();
  const rows = (data ?? []).map((device) => ({
    what: 'device' as const,
    id: device.id,
    name: device.name,
    about: `${KIND[device.kind]}, since ${moment(Date.parse(device.pairedAt), now)}`,
  }));
  return <EndList label="Paired devices" title="Paired" word="End" rows={rows} />;
}

/** Who is signed in where; any of it is ended from here. */
export function SignedInList({ now }: { now: number }) {
  const { data } = useSignedIn();
  const rows = (data ?? []).map((s) => ({
    what: 'session' as const,
    id: s.handle,
    name: s.name + (s.device ? `, on ${s.device}` : ''),
    about: `last seen ${moment(Date.parse(s.lastAt), now)}`,
  }));
  return <EndList label="Signed in" title="Signed in now" word="Sign out" rows={rows} />;
}
