import type { DayOff, Holidays } from '@kotabi/core/model';
import type { Express } from 'express';
import { z } from 'zod';
import type { Context } from '../context';
import { invalid, parse } from '../errors';
import { route } from './route';

const Place = z.object({
  region: z.string().max(10).optional(),
  /** The first of the two years that are answered. */
  year: z.coerce.number().int().min(2000).max(2100),
});

/** Longest name of a day off that is kept. */
const NAME = 60;

/** Public holidays by country and region, out of the data of a package; read when they are asked for. */
export const holidayRoutes = (app: Express, _ctx: Context): void => {
  const data = async () => {
    const { default: Calendar } = await import('date-holidays');
    return Calendar;
  };
  route(app, '/api/holidays', 'instructor', {
    get: async (_req, res) => {
      const Calendar = await data();
      const countries = Object.entries(new Calendar().getCountries('en'))
        .map(([code, name]) => ({ code, name }))
        .sort((a, b) => a.name.localeCompare(b.name, 'en'));
      res.json(countries);
    },
  });
  route(app, '/api/holidays/:country', 'instructor', {
    get: async (req, res) => {
      const Calendar = await data();
      const country = String(req.params.country);
      const known = new Calendar().getCountries('en');
      if (!(country in known))
        throw invalid([
          { path: 'country', message: 'is no country whose holidays are known', value: country },
        ]);
      const { region, year } = parse(Place, req.query);
      const regions = Object.entries(new Calendar().getStates(country, 'en') ?? {}).map(([code, name]) => ({
        code,
        name,
      }));
      if (region !== undefined && !regions.some((r) => r.code === region))
        throw invalid([{ path: 'region', message: `is no region of ${known[country]}`, value: region }]);
      const calendar = region === undefined ? new Calendar(country) : new Calendar(country, region);
      calendar.setLanguages('en');
      const days = [year, year + 1]
        .flatMap((y) => calendar.getHolidays(y))
        .filter((h) => h.type === 'public')
        .map((h): DayOff => ({ date: h.date.slice(0, 10), name: h.name.slice(0, NAME) }));
      const byDate = new Map([...days].reverse().map((d) => [d.date, d]));
      const answer: Holidays = {
        regions,
        days: [...byDate.values()].sort((a, b) => (a.date < b.date ? -1 : 1)),
      };
      res.json(answer);
    },
  });
};
