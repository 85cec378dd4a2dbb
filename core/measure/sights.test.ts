import { CATALOGUE } from './catalogue';
import { blindReason, SIGHTS, viewsOf, type SightName } from './sights';
import { VIEWS } from './view';

describe.each(Object.keys(SIGHTS) as SightName[])('the sight %s', (sight) => {
  it('either shows it or says why not, from every view', () => {
    for (const view of VIEWS) {
      const shows = viewsOf(sight).includes(view);
      expect([view, shows]).toEqual([view, blindReason(sight, view) === null]);
    }
  });
});

describe('the catalogue', () => {
  it('sees every measure from somewhere, or has it answered by tap or from several pictures', () => {
    const unseen = CATALOGUE.filter((spec) => !('sight' in spec)).map((spec) => spec.id);
    expect(unseen).toEqual(['thumbContact', 'thumbFacet', 'wristRange', 'elbowLevel', 'stickRoll']);
  });
});
