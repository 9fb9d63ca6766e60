import { Button } from 'antd';
import type { Token } from '../api/types';
import { moment } from '../quantity/figures';

/** Tokens with what they are for, until when they count, and a way to take them back. */
export function TokenRows({ tokens, takeBack }: { tokens: Token[]; takeBack: (id: number) => void }) {
  return (
    <table className="quiet">
      <tbody>
        {tokens.map((t) => (
          <tr key={t.id}>
            <td>
              {t.name}
              <div className="small soft">
                made {moment(t.madeAt)} · ends {moment(t.expiresAt)} ·{' '}
                {t.usedAt ? `used ${moment(t.usedAt)}` : 'not used yet'}
              </div>
            </td>
            <td style={{ textAlign: 'right' }}>
              <Button onClick={() => takeBack(t.id)}>Take back</Button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
