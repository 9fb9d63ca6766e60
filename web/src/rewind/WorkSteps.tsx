import { Button, Input } from 'antd';
import { useState } from 'react';
import type { JobView, Typed } from '../api/types';
import { useChange } from '../job/useJob';
import { ErrorNotice } from '../ui/ErrorNotice';
import { Holds } from './Holds';
import { OvenFile } from './OvenFile';
import { SheetStep } from './SheetStep';

/** Washing a winding that is to be kept. */
export function WashStep({ job }: { job: JobView }) {
  return (
    <SheetStep
      job={job}
      kind="washing"
      step="rewind/wash"
      title="Wash"
      aside="then dry it by its curve"
      caution="Bearings and brake out first. Solvent vapour burns and stuns: open doors, no spark, gloves. Hot water and steam scald."
      said={job.rewind.washing ? [job.rewind.washing] : []}
    />
  );
}

/** Everything that must be settled before a winding is cut out. */
export function BeforeStrippingStep({ job }: { job: JobView }) {
  return (
    <SheetStep
      job={job}
      kind="preparation"
      step="rewind/before-stripping"
      title="Before stripping"
      aside="once the copper is out, nothing of it can be counted again"
      caution="Old insulation may hold asbestos. Whoever does not know treats it as if it did: no cutting, no pulling, no burning. Local law says who may handle it."
      said={job.rewind.preparation ? [job.rewind.preparation] : []}
      beside={
        <section>
          <h2>What stripping still waits for</h2>
          {(job.rewind.gates['rewind/stripping'] ?? []).length === 0 ? (
            <p>Nothing: it may be stripped.</p>
          ) : (
            <Holds job={job} step="rewind/stripping" />
          )}
        </section>
      }
    />
  );
}

/** Taking the winding out: the oven by the temperature of the core, the copper on the scales. */
export function StrippingStep({ job }: { job: JobView }) {
  return (
    <SheetStep
      job={job}
      kind="stripping"
      step="rewind/stripping"
      title="Stripping, copper"
      aside="temperature of the core, never of the oven’s air"
      caution="Never a torch in the bore. Alarm set, water spray ready, somebody at the oven. Fumes are poison: the extractor runs. Weigh the stator before and after, and keep the coils in the bin until the copper fits."
      said={job.rewind.stripping?.lines ?? []}
      asks={(value, set) =>
        value['method'] === 'burn-out' && (
          <OvenFile
            label="Read the oven from a logger’s file"
            onRead={(readings) => set({ readings, simulatedOven: false })}
          />
        )
      }
      oven={{ bake: false, ready: job.sheets['stripping']?.typed['method'] === 'burn-out' }}
    />
  );
}

/** The core looked at while it is bare. */
export function CoreStep({ job }: { job: JobView }) {
  return (
    <SheetStep
      job={job}
      kind="core-after"
      step="rewind/core"
      title="Bare core"
      aside="then the core loop again, beside what it read before"
      caution="Edges cut: gloves. File along the laminations, never across them; what is bad goes back to the customer’s choice."
      said={job.rewind.core ? [job.rewind.core] : []}
    />
  );
}

/** Coils from the reel, the first one counted by somebody else. */
export function CoilsStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const [turns, setTurns] = useState('');
  const count = useChange(tag, () => setTurns(''));
  return (
    <SheetStep
      job={job}
      kind="coils-wound"
      step="rewind/coils"
      title="Coils wound"
      aside="by the coil ticket"
      caution="Guard the winding head; no glove near turning wire. Mark each coil group as it comes off."
      said={job.rewind.coils ? [job.rewind.coils] : []}
      beside={
        <fieldset>
          <legend>First coil, counted by a second person</legend>
          <ErrorNotice error={count.error} />
          <span className="picks">
            <Input
              style={{ width: 120 }}
              aria-label="Turns counted"
              placeholder="turns"
              inputMode="numeric"
              value={turns}
              onPressEnter={(e) => e.preventDefault()}
              onChange={(e) => setTurns(e.target.value)}
            />
            <Button
              disabled={!turns.trim()}
              loading={count.isPending}
              onClick={() =>
                count.mutate({ method: 'POST', path: 'hands', body: { act: 'coil-counted', place: turns } })
              }
            >
              I counted so many
            </Button>
          </span>
        </fieldset>
      }
    />
  );
}

/** Varnish, and each bake by its curve. */
export function VarnishStep({ job }: { job: JobView }) {
  return (
    <SheetStep
      job={job}
      kind="varnishing"
      step="rewind/varnish"
      title="Varnish, bake"
      aside="time counts only while the part itself is hot enough"
      caution="Vapour of solvents burns: air the oven before it heats. Warm the winding first, drain it, turn it over for the second dip. Every electrical test before this is unproven afterwards."
      fresh={{ passes: [{}] }}
      said={job.rewind.varnish}
      asks={(value, set) => {
        const passes = Array.isArray(value['passes']) ? (value['passes'] as Typed[]) : [];
        return passes.map((pass, n) => (
          <OvenFile
            key={n}
            label={`Read bake ${n + 1} from a logger’s file`}
            onRead={(readings) =>
              set({
                passes: passes.map((p, k) => (k === n ? { ...pass, readings, simulatedOven: false } : p)),
              })
            }
          />
        ));
      }}
      oven={{ bake: true, ready: job.sheets['varnishing'] !== undefined }}
    />
  );
}

/** Bearings, seals, leads and gear that are new, held against the plate. */
export function RenewalStep({ job }: { job: JobView }) {
  return (
    <SheetStep
      job={job}
      kind="renewal"
      step="rewind/renewed"
      title="Renewed parts"
      aside="each with its type; bearings are held against the plate"
      caution="Hot bearings burn: gloves, and no flame near grease. Push on the ring that is tight. A capacitor is shorted before it is touched."
      fresh={{ parts: [{}] }}
      said={job.rewind.renewed}
    />
  );
}

/** Sleeves, sprayed seats, balance: here or sent out. */
export function MachiningStep({ job }: { job: JobView }) {
  return (
    <SheetStep
      job={job}
      kind="machining"
      step="rewind/machining"
      title="Machined work"
      aside="measured again against the same fits"
      caution="Chips fall into windings: cover them. What is sent out has a day it is back."
      fresh={{ works: [{}] }}
      said={job.rewind.machining ? [job.rewind.machining] : []}
    />
  );
}
