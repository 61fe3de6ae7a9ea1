import { approvalLevels } from '@/core/concepts/shop';
import { Fact, Part } from '@/ui/facts';
import { EditChoice, EditText } from '../frame/edit-field';
import type { Shop } from './shop-props';

const levelOf = (text: string) => approvalLevels.find((one) => one === text) ?? 'Road';

/** From which level on a colour waits for an accepted sample, and how large that has to be. */
export function SampleRule({ shop, seen }: { shop: Shop; seen: number }) {
  return (
    <Part title="Samples">
      <Fact label="A colour waits for one from">
        <EditChoice
          label="Level from which a colour waits for an accepted sample"
          quiet
          value={shop.approvalFrom}
          choices={approvalLevels.map((value) => ({ value, text: value }))}
          toEdit={(text) => ({ kind: 'shop', seen, set: { approvalFrom: levelOf(text) } })}
        />
      </Fact>
      <Fact label="Shorter side, at least">
        <EditText
          label="Shorter side of a sample that may be accepted"
          quiet
          type="number"
          step={1}
          min={20}
          unit="mm"
          value={String(shop.sampleSideMm)}
          toEdit={(text) => ({ kind: 'shop', seen, set: { sampleSideMm: Number(text) } })}
        />
      </Fact>
    </Part>
  );
}
