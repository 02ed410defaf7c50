import { DEFAULT_ORDER, LIMITS, newId, type OrderedThing } from '@every-inch/core/piece';
import { comesAt, daySays, minutesOf, type ScheduleFacts } from '@every-inch/core/schedule';
import { BinButton } from '../../../parts/BinButton.tsx';
import { Choice } from '../../../parts/Choice.tsx';
import { NumberField } from '../../../parts/NumberField.tsx';
import { Section } from '../../../parts/Sections.tsx';
import { TextField } from '../../../parts/TextField.tsx';
import { useRouteFacts, useScheduleFacts } from '../../../spine/hooks.ts';
import { edit, useAppDispatch, useOfPiece } from '../../../state/store.ts';

const DAY = 1440;

/** By when something must be ordered for its step not to be late; null where no step wants it. */
function orderBy({ step, daysOnWay }: OrderedThing, { steps }: ScheduleFacts): number | null {
  const wants = steps.find(({ id }) => id === step);
  return wants ? wants.latest - daysOnWay * DAY : null;
}

/** What must be ordered today, or should have been. */
export function OrderLine({ facts }: { readonly facts: ScheduleFacts }) {
  const orders = useOfPiece((piece) => piece.bench.orders);
  const now = orders
    .filter(({ ordered, came }) => ordered === null && came === null)
    .map((one) => ({ one, by: orderBy(one, facts) }))
    .filter(({ by }) => by !== null && by < facts.now + DAY);
  if (now.length === 0) return null;
  return (
    <p>
      <strong>Order today:</strong>{' '}
      <span className="text-quiet">
        {now
          .map(({ one, by }) => {
            const step = facts.steps.find(({ id }) => id === one.step);
            const late = by !== null && by < facts.now - DAY ? ', late already' : '';
            return `${one.name}, for “${step?.title}”, ${one.daysOnWay} days on the way${late}`;
          })
          .join('; ')}
      </span>
    </p>
  );
}

interface OrderRowProps {
  readonly order: OrderedThing;
  readonly facts: ScheduleFacts | undefined;
}

function OrderRow({ order, facts }: OrderRowProps) {
  const dispatch = useAppDispatch();
  const { route } = useRouteFacts();
  const set = (label: string, change: Partial<OrderedThing> | null, merge: string | null = null) =>
    dispatch(
      edit(
        label,
        (piece) => ({
          ...piece,
          bench: {
            ...piece.bench,
            orders: piece.bench.orders.flatMap((one) =>
              one.id !== order.id ? [one] : change ? [{ ...one, ...change }] : [],
            ),
          },
        }),
        merge,
      ),
    );
  const by = facts ? orderBy(order, facts) : null;
  const comes = facts ? comesAt(order, facts.now) : null;
  const open = route.steps.filter(({ id, done }) => done === null || id === order.step);
  const today = () => new Date().toLocaleDateString('sv-SE');
  return (
    <li className="flex flex-wrap items-end gap-x-3 gap-y-1 border-b border-hair py-1.5">
      <span className="min-w-40 flex-1">
        <TextField
          label="What"
          hideLabel
          value={order.name}
          onText={(name) => name.trim() !== '' && set('what is ordered', { name }, `order ${order.id}`)}
        />
      </span>
      <Choice
        label={`${order.name} is for`}
        hideLabel
        className="max-w-56"
        value={order.step}
        options={[
          { value: '', says: 'for which step?' },
          ...open.map(({ id, title }) => ({ value: id, says: title })),
        ]}
        onChoose={(step) => set('what it is ordered for', { step })}
      />
      <NumberField
        label={`${order.name}, days on the way`}
        hideLabel
        className="w-12"
        after="days"
        min={LIMITS.order.daysOnWay.min}
        max={LIMITS.order.daysOnWay.max}
        value={order.daysOnWay}
        onNumber={(daysOnWay) => set('days on the way', { daysOnWay }, `order days ${order.id}`)}
      />
      <span className="w-44 text-[13px] text-quiet">
        {order.came !== null
          ? `came ${daySays(minutesOf(order.came), facts?.now ?? 0)}`
          : order.ordered !== null
            ? comes !== null && `here ${daySays(comes, facts?.now ?? 0)}`
            : by === null
              ? ''
              : `order by ${daySays(by, facts?.now ?? 0)}`}
      </span>
      {order.came === null && (
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() =>
            set(
              order.ordered === null ? `${order.name} is ordered` : `${order.name} came`,
              order.ordered === null ? { ordered: today() } : { came: today() },
            )
          }
        >
          {order.ordered === null ? 'ordered today' : 'it came'}
        </button>
      )}
      <BinButton label={`Leave ${order.name} out`} onPress={() => set(`leave ${order.name} out`, null)} />
    </li>
  );
}

/** What is not here yet, and by which day it must be ordered. */
export function Orders() {
  const dispatch = useAppDispatch();
  const facts = useScheduleFacts();
  const orders = useOfPiece((piece) => piece.bench.orders);
  const add = () =>
    dispatch(
      edit('something to order', (piece) => ({
        ...piece,
        bench: {
          ...piece.bench,
          orders: [
            ...piece.bench.orders,
            { ...DEFAULT_ORDER, id: newId('order'), name: 'something to order' },
          ],
        },
      })),
    );
  return (
    <Section
      id="orders"
      title="To order"
      edits={['bench', 'orders']}
      startsClosed={orders.length === 0}
      beside={
        <button type="button" className="press-quiet text-fired" onClick={add}>
          + Something that is not here yet
        </button>
      }
    >
      {orders.length === 0 && (
        <p className="py-1 text-quiet">
          What a step needs and has still to come: it tells by which day to order it.
        </p>
      )}
      <ul>
        {orders.map((order) => (
          <OrderRow key={order.id} order={order} facts={facts} />
        ))}
      </ul>
    </Section>
  );
}
