import { visibilities, markKinds } from '@/core/record';
import type { StripRefusal } from '@/core/steps';
import type { AdviceReason, Incompatibility } from '@/core/survey';
import {
  adviceSentence,
  depthWords,
  incompatibilitySentence,
  markWords,
  refusalSentence,
  unknownWords,
  visibilityWords,
} from './survey-words';

describe('the facts of an advice', () => {
  const cases: [AdviceReason, string][] = [
    [{ code: 'mark', kind: 'rust', count: 2, pulls: 'bare' }, '2 × rust marked'],
    [{ code: 'peeling', pulls: 'stable' }, 'the clear lifts: a feathered edge of a lifting film fails again'],
    [
      { code: 'thick', highestUm: 412.4, limitUm: 350, pulls: 'bare' },
      '412 µm at one point, over 350 µm: filler or several repaints',
    ],
    [
      { code: 'scatter', lowestUm: 96, highestUm: 412, limitUm: 150, pulls: 'bare' },
      'readings from 96 µm to 412 µm: repaired before',
    ],
    [
      { code: 'solvent', result: 'dissolves', pulls: 'bare' },
      'the old film dissolves in the thinner of the new one',
    ],
    [{ code: 'lacquer-below', pulls: 'stable' }, 'lacquer below would react under two-part paint'],
    [{ code: 'old-filler', pulls: 'bare' }, 'old filler under the paint: its age and its bond are not known'],
    [
      { code: 'unsound-layer', kind: 'factory-primer', pulls: 'bare' },
      'factory primer underneath is not sound',
    ],
    [{ code: 'replaced', pulls: 'scuff' }, 'a replaced panel: its primer is known'],
    [{ code: 'holds', pulls: 'scuff' }, 'the old film holds against the thinner'],
    [{ code: 'kept-level', pulls: 'revive' }, 'level Keep: the age is to be preserved'],
    [{ code: 'nothing-against', pulls: 'scuff' }, 'nothing recorded speaks against the old film'],
  ];

  test.each(cases)('%j', (reason, sentence) => {
    expect(adviceSentence(reason)).toBe(sentence);
  });
});

describe('why a method is not to be used', () => {
  const cases: [StripRefusal, string][] = [
    [{ code: 'attacks', substrate: 'laminate' }, 'attacks laminate'],
    [{ code: 'warps' }, 'warps outer sheet'],
    [{ code: 'aircraft-skin' }, 'never on aircraft skins'],
    [{ code: 'smears' }, 'lacquer smears under it'],
    [{ code: 'does-not-move', oldFinish: 'peeling-clear' }, 'does not move peeling clear'],
    [{ code: 'lead-dry' }, 'lead or chromate found: nothing dry'],
  ];

  test.each(cases)('%j', (refusal, sentence) => {
    expect(refusalSentence(refusal)).toBe(sentence);
  });
});

describe('what an old layer does under the new system', () => {
  const say = (code: Incompatibility['code'], beneath: string) =>
    incompatibilitySentence({ code, beneath, grade: 'stop' });

  test('each is named with what to do', () => {
    expect(say('lacquer-lifts', 'lacquer')).toBe(
      'lacquer lifts and wrinkles under the solvents of two-part paint: take it off',
    );
    expect(say('one-part-lifts', 'one-part')).toMatch(/^one part lifts and wrinkles/);
    expect(say('peels-again', 'peeling-clear')).toBe('peeling clear lifts again, whatever is laid on it');
    expect(say('filler-edge-swells', 'old-filler')).toMatch(/seal with epoxy or take it out$/);
    expect(say('enamel-needs-seal', 'enamel')).toMatch(/epoxy seal and a test patch/);
    expect(say('unknown-needs-patch', 'unknown')).toMatch(/test patch/);
    expect(say('gelcoat-pores', 'gelcoat')).toMatch(/fill and prime/);
    expect(say('barrier-needs-bare', 'urethane')).toBe(
      'a barrier on urethane holds no better than that does: bare first',
    );
  });
});

test('every mark, depth, visibility and unknown has its word', () => {
  for (const kind of markKinds) expect(markWords[kind]).toMatch(/^[a-z ]+$/);
  for (const one of visibilities) expect(visibilityWords[one]).toMatch(/^[a-z ]+$/);
  expect(Object.keys(depthWords)).toEqual(['revive', 'scuff', 'stable', 'bare']);
  expect(Object.values(unknownWords)).toHaveLength(3);
});
