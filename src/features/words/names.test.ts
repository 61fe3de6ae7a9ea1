import { job, plan } from '../room.fixture';
import { namedAreas, namesOf } from './names';

test('sections, their lots and the fields that a scheme cuts are called by their names, never by keys', () => {
  const names = namesOf(plan, namedAreas(job.sections, plan), (code) => code);
  const [first] = job.sections;
  expect(names.section(first!.key)).toBe(first!.name);
  expect(names.section(`${first!.key}:bare-first`)).toBe(`${first!.name} (bare, first)`);
  const field = plan.sections.find((one) => one.section.includes('~'))!;
  expect(names.section(field.section)).toBe(field.name);
  expect(field.name).not.toContain('~');
});
