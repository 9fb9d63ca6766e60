import { Button } from 'antd';
import { useNavigate } from 'react-router';
import type { JobView } from '../api/types';

/** The one way forward: what the job needs next, where that is not here. */
export function NextStep({ job, here }: { job: JobView; here: string }) {
  const navigate = useNavigate();
  if (job.next.step === here) {
    return null;
  }
  return (
    <Button type="primary" onClick={() => void navigate(`/jobs/${job.identity.tag}/${job.next.step}`)}>
      Next: {short(job.next.sentence)}
    </Button>
  );
}

/** The first clause, since a button is no place for a paragraph. */
function short(sentence: string): string {
  return sentence.split(':')[0] ?? sentence;
}
