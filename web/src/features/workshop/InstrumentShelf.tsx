import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answered, api, fieldMessages, type Choice, type Instrument } from '../../shared/api';
import { clockWords } from '../../shared/day';
import { Dialog } from '../../shared/ui/Dialog';
import { PickOne } from '../../shared/ui/Pegs';
import { TextEntry } from '../../shared/ui/TextEntry';
import { Failed } from '../../shared/ui/states';
import { instrumentsQuery } from './queries';

const KINDS = ['thermocouple', 'power', 'scale', 'weather'] as const;
type Kind = (typeof KINDS)[number];
const CHOICES: readonly Choice[] = [
  { code: 'thermocouple', label: 'Probe in the melt', hint: '' },
  { code: 'power', label: 'Power meter', hint: '' },
  { code: 'scale', label: 'Scale', hint: '' },
  { code: 'weather', label: 'Weather station', hint: '' },
];

/** What sends readings by itself. Each has a token of its own, told once; whoever has it can send readings and nothing else. */
export function InstrumentShelf() {
  const { instruments } = useSuspenseQuery(instrumentsQuery).data;
  const client = useQueryClient();
  const [adding, setAdding] = useState(false);
  const [cutting, setCutting] = useState<Instrument | null>(null);
  const revoke = useMutation({
    mutationFn: (id: string) => answered(api.POST('/api/instruments/{id}/revoke', { params: { path: { id } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: instrumentsQuery.queryKey }),
  });
  return (
    <section id="instruments" className="mt-10 border-t-[3px] border-double border-ink pt-3" aria-label="Instruments">
      <h2>Instruments</h2>
      <p className="text-soft">
        A probe, a scale or a meter that speaks HTTP sends its readings here by itself; a melt then listens to it. How to connect one stands
        in docs/formats/readings.md.
      </p>
      <ul className="mt-2">
        {instruments.map((one) => (
          <li key={one.id} className="hairline flex flex-wrap items-center justify-between gap-3 py-2 first:border-t-0">
            <span className={one.revoked ? 'text-soft' : ''}>
              <span className="font-semibold">{one.name}</span> {one.simulated && <span className="lettering">simulated</span>}
              <span className="block text-sm text-soft">
                {one.kind_label}
                {one.last.map((read) => `, ${read.shown}`)}
                {one.revoked ? ', cut off' : one.seen_at === null ? ', has not spoken yet' : `, last heard ${clockWords(one.seen_at)}`}
              </span>
            </span>
            {!one.revoked && (
              <button type="button" className="press press-quiet" onClick={() => setCutting(one)}>
                Cut off <span className="sr-only">{one.name}</span>
              </button>
            )}
          </li>
        ))}
      </ul>
      {revoke.isError && <Failed error={revoke.error} />}
      <button type="button" className="press mt-3" onClick={() => setAdding(true)}>
        Connect an instrument
      </button>
      <Dialog open={adding} onClose={() => setAdding(false)} title="Connect an instrument" narrow>
        <Connect onDone={() => setAdding(false)} />
      </Dialog>
      <Dialog open={cutting !== null} onClose={() => setCutting(null)} title={`Cut off ${cutting?.name ?? ''}`} narrow>
        <p>Its token opens nothing from now on, and cannot be had back. What it has sent stays.</p>
        <button
          type="button"
          className="press press-molten mt-3"
          onClick={() => {
            if (cutting) revoke.mutate(cutting.id);
            setCutting(null);
          }}
        >
          Cut it off
        </button>
      </Dialog>
    </section>
  );
}

function Connect({ onDone }: { onDone: () => void }) {
  const client = useQueryClient();
  const [name, setName] = useState('');
  const [kind, setKind] = useState<Kind>('thermocouple');
  const connect = useMutation({
    mutationFn: () => answered(api.POST('/api/instruments', { body: { name, kind } })),
    onSuccess: () => client.invalidateQueries({ queryKey: instrumentsQuery.queryKey }),
  });
  const messages = fieldMessages(connect.error);
  if (connect.data) return <Token name={connect.data.instrument.name} token={connect.data.token} onDone={onDone} />;
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        connect.mutate();
      }}
    >
      <TextEntry label="What you call it" value={name} onChange={(event) => setName(event.target.value)} error={messages['/name']} />
      <fieldset className="mt-3">
        <legend className="lettering mb-1">What it is</legend>
        <PickOne
          label="What it is"
          choices={CHOICES}
          value={kind}
          onChange={(code) => setKind(KINDS.find((one) => one === code) ?? kind)}
        />
      </fieldset>
      {connect.isError && Object.keys(messages).length === 0 && <Failed error={connect.error} />}
      <button type="submit" className="press press-molten mt-4" disabled={connect.isPending}>
        Connect it
      </button>
    </form>
  );
}

function Token({ name, token, onDone }: { name: string; token: string; onDone: () => void }) {
  const [copied, setCopied] = useState(false);
  return (
    <div>
      <p>
        <strong>{name}</strong> sends its readings with this token. It is told this once: copy it now.
      </p>
      <p className="my-3 border-2 border-ink p-3 font-mono break-all select-all" data-token>
        {token}
      </p>
      <details>
        <summary className="cursor-pointer py-2 underline underline-offset-4">Try it from a shell</summary>
        <pre className="overflow-x-auto border-l-2 border-ink pl-3 text-sm whitespace-pre-wrap">
          {[
            `curl -H "Authorization: Bearer ${token}" -H "Content-Type: text/csv" \\`,
            `  --data-binary "$(date +%s),712.5,°C" ${location.origin}/api/readings`,
          ].join('\n')}
        </pre>
      </details>
      <p className="mt-3 flex flex-wrap gap-3">
        <button
          type="button"
          className="press press-molten"
          onClick={() =>
            void navigator.clipboard.writeText(token).then(
              () => setCopied(true),
              () => setCopied(false),
            )
          }
        >
          {copied ? 'Copied' : 'Copy the token'}
        </button>
        <button type="button" className="press" onClick={onDone}>
          I have it
        </button>
      </p>
    </div>
  );
}
