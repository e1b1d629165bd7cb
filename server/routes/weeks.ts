import { IsoDateSchema, type Kept, type Week } from '@kotabi/core/model';
import { addDays, weekdayOf } from '@kotabi/core/schedule';
import { and, eq, ne } from 'drizzle-orm';
import type { Express, Request } from 'express';
import type { Context } from '../context';
import { weeks } from '../db/schema';
import { invalid, notFound, parse, Refusal } from '../errors';
import { deleteKept, getKept, putKept } from './kept';
import { route } from './route';

/** The saved week of a group, or of the person named by `?personId=`, that starts on a Monday. */
export const findWeek = async (ctx: Context, req: Request): Promise<Kept<Week> | undefined> => {
  const startDate = parse(IsoDateSchema, req.params.startDate);
  const { value: group } = await getKept(ctx.groups, String(req.params.groupId));
  const whose = typeof req.query.personId === 'string' ? req.query.personId : '';
  const [week] = await ctx.weeks.list(
    and(eq(weeks.groupId, group.id), eq(weeks.whose, whose), eq(weeks.startDate, startDate)),
  );
  return week;
};

const requireMonday = ({ startDate }: Week): void => {
  if (weekdayOf(startDate) !== 1)
    throw invalid([{ path: 'value.startDate', message: 'must be a Monday', value: startDate }]);
};

/** Refuses days that are not of the week, or stand in it twice. */
const requireOwnDays = ({ startDate, days }: Week): void => {
  const last = addDays(startDate, 6);
  for (const [d, { date }] of days.entries()) {
    if (date < startDate || date > last)
      throw invalid([
        {
          path: `value.days.${d}.date`,
          message: `must lie in the week, ${startDate} to ${last}`,
          bound: startDate,
          value: date,
        },
      ]);
    if (days.findIndex((other) => other.date === date) !== d)
      throw invalid([{ path: `value.days.${d}.date`, message: 'stands in the week twice', value: date }]);
  }
};

export const weekRoutes = (app: Express, ctx: Context): void => {
  /** Refuses a week that would stand where another one is already. */
  const requirePlace = async (week: Week): Promise<void> => {
    const [other] = await ctx.db
      .select({ id: weeks.id })
      .from(weeks)
      .where(
        and(
          eq(weeks.groupId, week.groupId),
          eq(weeks.whose, week.personId ?? ''),
          eq(weeks.startDate, week.startDate),
          ne(weeks.id, week.id),
        ),
      );
    if (other && (await ctx.weeks.may(week.id, 'look')))
      throw new Refusal(
        409,
        'conflict',
        `There is a week of ${week.startDate} already. Nothing was overwritten.`,
        [{ path: 'value.startDate', message: 'is the week of another one', value: week.startDate }],
      );
  };
  route(app, '/api/groups/:groupId/weeks/:startDate', 'instructor', {
    get: async (req, res) => {
      const week = await findWeek(ctx, req);
      if (!week) throw notFound('week', String(req.params.startDate));
      res.json(week);
    },
  });
  route(app, '/api/groups/:groupId/weeks', 'instructor', {
    get: async (req, res) => {
      const { value: group } = await getKept(ctx.groups, String(req.params.groupId));
      res.json(await ctx.weeks.list(eq(weeks.groupId, group.id)));
    },
  });
  route(app, '/api/weeks/:id', 'instructor', {
    get: async (req, res) => void res.json(await getKept(ctx.weeks, String(req.params.id))),
    put: (req, res) =>
      putKept(ctx.weeks, req, res, async (week) => {
        requireMonday(week);
        requireOwnDays(week);
        await requirePlace(week);
        await ctx.requireGroup(week.groupId);
        await ctx.requirePerson(week.personId, week.groupId);
        await ctx.requireBreaksOf(week);
      }),
    delete: (req, res) => deleteKept(ctx.weeks, String(req.params.id), res),
  });
};
