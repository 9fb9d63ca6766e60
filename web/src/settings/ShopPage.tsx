import { useQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { Frame } from '../shell/Frame';
import { sessionQuery, usePerson } from '../session/session';
import { InstrumentList } from '../calibration/InstrumentList';
import { RackList } from '../rack/RackList';
import { PriceList } from './PriceList';
import { SettingsPanel } from './SettingsPanel';
import { ShopList } from './ShopList';
import { OwnPassword } from '../access/OwnPassword';
import { OwnPin } from '../access/OwnPin';
import { OwnFactor } from '../access/OwnFactor';
import { OwnUnits } from '../access/OwnUnits';
import { OwnTokens } from '../access/OwnTokens';
import { PeopleList } from '../access/PeopleList';
import { SecurityJournal } from '../access/SecurityJournal';

/** The shop's people and one's own account. */
export function ShopPage() {
  const navigate = useNavigate();
  const person = usePerson();
  const version = useQuery(sessionQuery).data?.programVersion;
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
          {leads && <OwnFactor />}
          <OwnUnits />
          <OwnTokens />
        </div>
        <SettingsPanel mayChange={leads} />
        <PriceList mayChange={person.role !== 'technician'} />
        <InstrumentList mayChange={leads} />
        <RackList mayChange={person.role !== 'office'} />
        {leads && <PeopleList mayChange={person.role === 'admin'} />}
        {person.role === 'admin' && <ShopList />}
        {person.role === 'admin' && <SecurityJournal />}
        <p className="small soft" style={{ marginTop: 26 }}>
          Brass Kettle {version}
        </p>
      </main>
    </Frame>
  );
}
