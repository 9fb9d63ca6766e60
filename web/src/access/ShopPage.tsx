import { useNavigate } from 'react-router';
import { Frame } from '../shell/Frame';
import { usePerson } from '../shell/session';
import { InstrumentList } from '../settings/InstrumentList';
import { SettingsPanel } from '../settings/SettingsPanel';
import { OwnPassword } from './OwnPassword';
import { OwnPin } from './OwnPin';
import { OwnUnits } from './OwnUnits';
import { OwnTokens } from './OwnTokens';
import { PeopleList } from './PeopleList';

/** The shop's people and one's own account. */
export function ShopPage() {
  const navigate = useNavigate();
  const person = usePerson();
  const leads = person.role === 'lead' || person.role === 'admin';
  return (
    <Frame keys={[{ key: 'F', label: 'floor', run: () => void navigate('/') }]}>
      <main className="page" id="work">
        <div className="head">
          <h1>{person.displayName}</h1>
          <span className="soft">
            signs in as {person.username} · {person.role}
          </span>
        </div>
        <div className="grid2" style={{ alignItems: 'start', maxWidth: 1100 }}>
          <OwnPassword />
          {(person.role === 'technician' || person.role === 'lead') && <OwnPin />}
          <OwnUnits />
          <OwnTokens />
        </div>
        <SettingsPanel mayChange={leads} />
        <InstrumentList mayChange={leads} />
        {leads && <PeopleList mayChange={person.role === 'admin'} />}
      </main>
    </Frame>
  );
}
