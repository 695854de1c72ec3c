import { keepPreviousData, useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { answer, api, type Schema } from '../../api/client';
import { ProblemError } from '../../api/problem';
import { postToHire } from '../../api/postToHire';

/** What a booking or a machine changes on other pages. */
const TOUCHED = ['machine', 'fleet', 'day', 'hire', 'hirers', 'proposal', 'found-machines', 'trail'];

function useTouch() {
  const queries = useQueryClient();

  return () => queries.invalidateQueries({ predicate: (query) => TOUCHED.includes(String(query.queryKey[0])) });
}

/** The yard gave no answer, which is no refusal. */
export const isOutOfReach = (error: unknown): boolean => error !== null && !(error instanceof ProblemError);

/** What was read before under the same name, whatever was searched for then, each thing once. */
function readBefore<Found, One extends { id: string }>(
  queries: QueryClient,
  name: string,
  of: (found: Found) => One[],
): One[] {
  const all = queries.getQueriesData<Found>({ queryKey: [name] });

  return [
    ...new Map(all.flatMap(([, found]) => (found === undefined ? [] : of(found))).map((one) => [one.id, one])).values(),
  ];
}

const holds = (text: string, search: string): boolean => text.toLowerCase().includes(search.trim().toLowerCase());

const hirersNamed = (search: string) => ({
  queryKey: ['hirers', search],
  queryFn: () => answer(api.GET('/api/hirers', { params: { query: { search } } })),
});

const machinesNamed = (search: string) => ({
  queryKey: ['found-machines', search],
  queryFn: () => answer(api.GET('/api/machines', { params: { query: { search } } })),
});

export function useHirers(search: string) {
  const queries = useQueryClient();
  const found = useQuery({ ...hirersNamed(search), placeholderData: keepPreviousData });
  if (found.data === undefined && isOutOfReach(found.error)) {
    const known = readBefore(queries, 'hirers', (page: Schema['HirerList']) => page.hirers);

    return { ...found, data: { hirers: known.filter((one) => holds(one.name, search)) } };
  }

  return found;
}

/** Machines whose number or serial holds these letters; the first hundred. */
export function useFoundMachines(search: string) {
  const queries = useQueryClient();
  const found = useQuery({ ...machinesNamed(search), placeholderData: keepPreviousData });
  if (found.data === undefined && isOutOfReach(found.error)) {
    const known = readBefore(queries, 'found-machines', (page: Schema['MachinePage']) => page.machines);
    const machines = known.filter((one) => holds(`${one.fleet_number} ${one.describes}`, search));

    return { ...found, data: { machines, next_cursor: null } };
  }

  return found;
}

/** What a hire is booked with where there is no network: the first hirers and machines of the yard. */
export function useBookingLists(isWanted: boolean): void {
  const seldom = { enabled: isWanted, staleTime: 600_000 };
  useQuery({ ...hirersNamed(''), ...seldom });
  useQuery({ ...machinesNamed(''), ...seldom });
}

export function useModels() {
  return useQuery({ queryKey: ['models'], queryFn: () => answer(api.GET('/api/models')) });
}

/** What would be in the way; asked for as soon as a machine and both times are there. */
export function useProposal(body: Schema['ProposeHire'] | null) {
  return useQuery({
    queryKey: ['proposal', body],
    enabled: body !== null,
    placeholderData: keepPreviousData,
    retry: false,
    queryFn: () => answer(api.POST('/api/hire-proposals', { body: body as Schema['ProposeHire'] })),
  });
}

export function useHire(hireId: string) {
  return useQuery({
    queryKey: ['hire', hireId],
    queryFn: () => answer(api.GET('/api/hires/{hire}', { params: { path: { hire: hireId } } })),
  });
}

export function useAddHirer() {
  const touch = useTouch();

  return useMutation({
    mutationFn: (body: Schema['KeepHirer']) => answer(api.POST('/api/hirers', { body })),
    onSuccess: touch,
  });
}

export function useBookHire() {
  const touch = useTouch();

  return useMutation({
    mutationFn: (body: Schema['BookHire']) => answer(api.POST('/api/hires', { body })),
    onSuccess: touch,
  });
}

export type HireChange =
  | { details: Schema['ChangeHire'] }
  | { swap: Schema['SwapMachine'] }
  | { cancel: Schema['CancelHire'] }
  | { outAlready: { reason: string } };

export function useChangeHire(hireId: string) {
  const touch = useTouch();
  const params = { path: { hire: hireId } };

  return useMutation({
    mutationFn: (change: HireChange): Promise<unknown> => {
      if ('outAlready' in change) {
        return postToHire(hireId, 'hire.out_already', change.outAlready);
      }
      if ('details' in change) {
        return answer(api.PUT('/api/hires/{hire}', { params, body: change.details }));
      }

      return 'swap' in change
        ? answer(api.PUT('/api/hires/{hire}/machine', { params, body: change.swap }))
        : answer(api.PUT('/api/hires/{hire}/cancellation', { params, body: change.cancel }));
    },
    onSuccess: touch,
  });
}

/** Another machine for the rest of a hire that is out. */
export function useReplaceOnHire(hireId: string) {
  const touch = useTouch();
  const params = { path: { hire: hireId } };

  return useMutation({
    mutationFn: (body: Schema['ReplaceOnHire']) =>
      answer(api.POST('/api/hires/{hire}/replacement', { params, body })),
    onSuccess: touch,
  });
}

/** Who had a machine that came back with no hire. */
export function useNameHirer(hireId: string) {
  const touch = useTouch();
  const params = { path: { hire: hireId } };

  return useMutation({
    mutationFn: (hirerId: string) =>
      answer(api.PUT('/api/hires/{hire}/hirer', { params, body: { hirer_id: hirerId } })),
    onSuccess: touch,
  });
}

/** A machine came back that nobody had out by this record. */
export function useReportFound(machineId: string) {
  const touch = useTouch();
  const params = { path: { machine: machineId } };

  return useMutation({
    mutationFn: (reason: string) => answer(api.POST('/api/machines/{machine}/finds', { params, body: { reason } })),
    onSuccess: touch,
  });
}

export function useAddMachine() {
  const touch = useTouch();

  return useMutation({
    mutationFn: (body: Schema['AddMachine']) => answer(api.POST('/api/machines', { body })),
    onSuccess: touch,
  });
}

export type MachineChange = { plate: Schema['ChangeMachine'] } | { leave: Schema['LeaveFleet'] };

export function useChangeMachine(machineId: string) {
  const touch = useTouch();
  const params = { path: { machine: machineId } };

  return useMutation({
    mutationFn: (change: MachineChange) =>
      'plate' in change
        ? answer(api.PUT('/api/machines/{machine}', { params, body: change.plate }))
        : answer(api.PUT('/api/machines/{machine}/departure', { params, body: change.leave })),
    onSuccess: touch,
  });
}

export function useRecordPaper(machineId: string) {
  const touch = useTouch();

  return useMutation({
    mutationFn: (body: Schema['RecordPaper']) => answer(
      api.POST('/api/machines/{machine}/papers', { params: { path: { machine: machineId } }, body }),
    ),
    onSuccess: touch,
  });
}
