import { useNewestFirst } from '../api/newestFirst';
import type { SecurityEvent } from '../api/types';
import { moment } from '../quantity/figures';
import { EarlierButton } from '../ui/EarlierButton';
import { ErrorNotice } from '../ui/ErrorNotice';

const WORDS: Record<SecurityEvent['kind'], string> = {
  'signed-in': 'signed in',
  'sign-in-failed': 'sign-in failed',
  'sign-in-throttled': 'too many sign-ins',
  'signed-out': 'signed out',
  'turn-taken': 'turn by PIN',
  'turn-failed': 'wrong PIN',
  'password-changed': 'password changed',
  'password-reset': 'password reset',
  'pin-changed': 'PIN changed',
  'account-made': 'account made',
  'account-changed': 'account changed',
  'token-made': 'token made',
  'token-taken-back': 'token taken back',
  'factor-changed': 'second factor',
  'shop-opened': 'opened a shop',
  exported: 'exported',
};

/** What happened to sign-ins, rights, tokens and exports, newest first. */
export function SecurityJournal() {
  const pages = useNewestFirst<SecurityEvent>(['security-journal'], '/api/security-journal');
  return (
    <section style={{ marginTop: 26, maxWidth: 1100 }}>
      <h2>Security journal</h2>
      <ErrorNotice error={pages.error} />
      <div style={{ maxHeight: 420, overflowY: 'auto' }}>
        <table className="quiet">
          <thead>
            <tr>
              <th>when</th>
              <th>what</th>
              <th>whose name</th>
              <th>from</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {pages.entries.map((e) => (
              <tr key={e.id}>
                <td className="figure">{moment(e.at)}</td>
                <td>{WORDS[e.kind]}</td>
                <td className="figure">{e.username}</td>
                <td className="figure">{e.address || 'the machine'}</td>
                <td>{e.detail}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <EarlierButton pages={pages} />
    </section>
  );
}
