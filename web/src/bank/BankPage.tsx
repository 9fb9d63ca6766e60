import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { BankFound } from '../api/types';
import { TypedField } from '../quantity/TypedField';
import { Frame } from '../shell/Frame';
import { Together } from '../session/ShopChoice';
import { usePerson } from '../session/session';
import { usePreview } from '../ui/preview';
import { BankFile } from './BankFile';
import { BankMatches } from './BankMatches';
import './bank.css';

const FIELDS = [
  ['words', 'Maker, model', ''],
  ['ratedPowerW', 'Power', 'kW'],
  ['poles', 'Poles', ''],
  ['slots', 'Slots', ''],
  ['boreDiameterM', 'Bore', 'mm'],
  ['coreLengthM', 'Iron length', 'mm'],
  ['spanSlots', 'Span, as 1 to 11', ''],
  ['ratedVoltageV', 'Volts', 'V'],
  ['frequencyHz', 'Hertz', 'Hz'],
] as const;

type Asked = Partial<Record<(typeof FIELDS)[number][0], string>>;

/** The bank of windings: whatever is known of a motor finds the nearest ones. */
export function BankPage() {
  const navigate = useNavigate();
  const person = usePerson();
  const [asked, setAsked] = useState<Asked>({});
  const [taken, setTaken] = useState(0);
  const [all, setAll] = useState(false);
  const typed = Object.fromEntries(Object.entries(asked).filter(([, text]) => text.trim() !== ''));
  const found = usePreview<BankFound>(
    `/api/bank/search?seen=${taken}${all ? '&shops=all' : ''}`,
    typed,
    true,
  );
  return (
    <Frame keys={[{ key: 'F', label: 'floor', run: () => void navigate('/') }]}>
      <main className="page" id="work">
        <div className="head">
          <h1>Winding bank</h1>
          <span className="soft">
            {found ? `${found.size} windings` : ''}; each settled winding comes in with its motor
          </span>
          <Together all={all} onChange={setAll} />
        </div>
        <form className="asked" onSubmit={(e) => e.preventDefault()} aria-label="What is known">
          {FIELDS.map(([f, label, unit]) => (
            <TypedField
              key={f}
              label={label}
              unit={unit}
              words={f === 'words'}
              value={asked[f] ?? ''}
              shown={found?.shown[f]}
              onChange={(text) => setAsked({ ...asked, [f]: text })}
            />
          ))}
        </form>
        {found && <BankMatches matches={found.matches} asked={Object.keys(typed).length > 0} />}
        <BankFile
          all={all}
          mayTake={person.role === 'lead' || person.role === 'admin'}
          taken={() => setTaken(taken + 1)}
        />
      </main>
    </Frame>
  );
}
