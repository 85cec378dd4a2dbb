import type { ImportPlan } from './plan';

/** A plan without what was erased or taken away here: it does not come back with a file, and that is told. */
export function withoutGone(plan: ImportPlan, isGone: (id: string) => boolean): ImportPlan {
  const students = plan.students.filter(({ id }) => !isGone(id));
  const checks = plan.checks.filter(({ id, input }) => !isGone(id) && !isGone(input.studentId));
  const log = plan.log.filter(({ studentId }) => !isGone(studentId));
  const groups = plan.groups.map((group) => ({
    ...group,
    members: Object.fromEntries(
      Object.entries(group.members).filter(([studentId]) => !isGone(studentId)),
    ),
  }));
  const lost = {
    students: plan.students.length - students.length,
    checks: plan.checks.length - checks.length,
    log: plan.log.length - log.length,
  };
  const { preview } = plan;
  return {
    ...plan,
    students,
    checks,
    log,
    groups,
    preview: {
      ...preview,
      added: {
        ...preview.added,
        students: preview.added.students - lost.students,
        checks: preview.added.checks - lost.checks,
        log: preview.added.log - lost.log,
      },
      gone: lost.students + lost.checks + lost.log,
    },
  };
}
