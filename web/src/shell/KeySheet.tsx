import { Modal } from 'antd';
import { glyph, type Key } from '../ui/keys';

/** Keys that work on every page. */
const EVERYWHERE = [
  ['Enter', 'to the next field, in a form'],
  ['Tab', 'to the next field or button'],
  ['?', 'this list'],
] as const;

/** All keys of the page, in the order of its foot, then those of every page. */
export function KeySheet({ keys, close }: { keys: Key[]; close: () => void }) {
  const own = keys.map((k) => [k.key, k.label || k.says || ''] as const).filter(([, says]) => says);
  return (
    <Modal open title="Keys of this page" footer={null} onCancel={close} destroyOnHidden>
      <table className="quiet">
        <tbody>
          {[...own, ...EVERYWHERE].map(([key, says]) => (
            <tr key={`${key} ${says}`}>
              <td>
                <kbd>{glyph(key)}</kbd>
              </td>
              <td>{says}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Modal>
  );
}
