<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Catalogue\CatalogueWords;
use App\Catalogue\LineName;
use App\Contract\JsonObject;
use App\Ledger\EntryKinds;
use App\Ledger\Judgements\AffirmedLine;
use App\Ledger\Judgements\DutyDayJudgement;
use App\Ledger\Judgements\HandoverAnsweredJudgement;
use App\Ledger\Judgements\LinesAffirmedJudgement;
use App\Ledger\Judgements\MeterReplacedJudgement;
use App\Ledger\Judgements\ServiceDoneJudgement;
use App\Ledger\Payloads\AttachmentChangedPayload;
use App\Ledger\Payloads\CheckAnsweredPayload;
use App\Ledger\Payloads\DamageFoundPayload;
use App\Ledger\Payloads\DepartureSettledPayload;
use App\Ledger\Payloads\DoubtSettledPayload;
use App\Ledger\Payloads\EntryStruckPayload;
use App\Ledger\Payloads\FaultReportedPayload;
use App\Ledger\Payloads\FindingDescription;
use App\Ledger\Payloads\FindingGradedPayload;
use App\Ledger\Payloads\FindingPlacedPayload;
use App\Ledger\Payloads\FindingSeenAgainPayload;
use App\Ledger\Payloads\FitSettledPayload;
use App\Ledger\Payloads\FluidToppedUpPayload;
use App\Ledger\Payloads\HandoverAlsoSignedPayload;
use App\Ledger\Payloads\HandoverAnsweredPayload;
use App\Ledger\Payloads\HandoverSignedPayload;
use App\Ledger\Payloads\HandoverStepShownPayload;
use App\Ledger\Payloads\HirerReportedPayload;
use App\Ledger\Payloads\HirerTickedPayload;
use App\Ledger\Payloads\LedgerVerifiedPayload;
use App\Ledger\Payloads\LineAnswer;
use App\Ledger\Payloads\LinesAffirmedPayload;
use App\Ledger\Payloads\MachineMovedPayload;
use App\Ledger\Payloads\MeterReadPayload;
use App\Ledger\Payloads\MeterReplacedPayload;
use App\Ledger\Payloads\ReadingPostedPayload;
use App\Ledger\Payloads\Reasoned;
use App\Ledger\Payloads\ReleaseDecidedPayload;
use App\Ledger\Payloads\RepairRecordedPayload;
use App\Ledger\Payloads\ReportSettledPayload;
use App\Ledger\Payloads\ServiceDonePayload;
use App\Ledger\Payloads\SpreadExplainedPayload;
use App\Ledger\Payloads\StateCrossedPayload;
use App\Ledger\Payloads\TagHungPayload;
use App\Ledger\Payloads\TelematicsReportedPayload;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\User;
use App\Words;
use Illuminate\Database\Eloquent\Collection;
use JadeLedger\Core\Quantity\Unit;

/** Lines of the posting trail. */
final readonly class PresentEntry
{
    public function __construct(private CatalogueRepository $shelf, private EntryKinds $kinds)
    {
    }

    /**
     * @param list<LedgerEntry> $entries
     * @return list<array<string, mixed>>
     */
    public function all(array $entries): array
    {
        (new Collection($entries))->loadMissing('enteredBy');
        $strikes = LedgerEntry::query()->with('actor')
            ->whereIn('corrects', array_map(static fn (LedgerEntry $entry): string => $entry->id, $entries))
            ->get()->keyBy('corrects');

        $machines = Machine::query()
            ->findMany(array_map(static fn (LedgerEntry $entry): ?string => $entry->machine_id, $entries))
            ->keyBy('id');

        return array_map(fn (LedgerEntry $entry): array => $this->one(
            $entry,
            $strikes->get($entry->id),
            $machines->get($entry->machine_id ?? '')?->model_id,
        ), $entries);
    }

    /** @return array<string, mixed> */
    private function one(LedgerEntry $entry, ?LedgerEntry $strike, ?string $modelId): array
    {
        $verdict = $entry->judgement()->optionalObject('verdict');

        return [
            'id' => $entry->id,
            'kind' => $entry->kind,
            'sequence' => $entry->sequence,
            'walk_id' => $entry->walk_id,
            'title' => $this->title($entry, $modelId),
            'words' => $this->words($entry, $modelId),
            'outcome' => $verdict?->string('outcome'),
            'actor' => PresentActor::of($entry),
            'entered_by' => $entry->enteredBy === null ? null : PresentPerson::of($entry->enteredBy),
            'recorded_at' => Moment::text($entry->recorded_at),
            'clock' => $entry->clock(),
            'received_at' => Moment::text($entry->received_at),
            'corrects' => $entry->corrects,
            'struck_by' => $strike === null ? null : [
                'reason' => $strike->payload()->string('reason'),
                'actor' => PresentActor::of($strike),
                'recorded_at' => Moment::text($strike->recorded_at),
            ],
            'hash' => $entry->hash,
        ];
    }

    private function title(LedgerEntry $entry, ?string $modelId): string
    {
        $line = $entry->payload()->optionalString('line');

        return $line !== null
            ? $this->lineName($line, $modelId)
            : Words::say('words.entry.'.str_replace('.', '_', $entry->kind));
    }

    /** What the catalogue of today no longer has keeps the name by which the ledger knows it. */
    private function lineName(string $line, ?string $modelId): string
    {
        $catalogue = $this->shelf->current();
        $model = $catalogue->models[$modelId ?? ''] ?? null;
        $check = $catalogue->checks[explode('@', $line)[0]] ?? null;

        return match (true) {
            $check === null => $line,
            $model === null => CatalogueWords::say($check->title),
            default => LineName::of($line, $catalogue, $catalogue->family($model->familyId)),
        };
    }

    private function words(LedgerEntry $entry, ?string $modelId): string
    {
        $payload = $this->kinds->named($entry->kind)::payload()::read($entry->payload());
        $judgement = $entry->judgement();
        if ($payload instanceof LineAnswer && ! $judgement->has('verdict')) {
            return $payload instanceof CheckAnsweredPayload ? $payload->words : '';
        }

        return match (true) {
            $payload instanceof ReadingPostedPayload => $this->figure($payload, $judgement).
                '. '.
                self::verdict($judgement),
            $payload instanceof CheckAnsweredPayload => trim(self::verdict($judgement).' '.$payload->words),
            $payload instanceof LineAnswer => self::verdict($judgement),
            $payload instanceof LinesAffirmedPayload => $this->affirmed(
                LinesAffirmedJudgement::read($judgement),
                $modelId,
            ),
            $payload instanceof StateCrossedPayload => $this->stageTitle($payload->stage)
                .$this->standsBy($payload->second),
            $payload instanceof FindingPlacedPayload, $payload instanceof DamageFoundPayload => $this->finding(
                $payload->description,
                $payload->words,
                $judgement,
            ),
            $payload instanceof FindingSeenAgainPayload => self::millimetres($payload->sizeMm).', '
                .Words::say('words.comparison.'.$judgement->string('comparison')),
            $payload instanceof FindingGradedPayload => "{$judgement->string('from')} → {$judgement->string('to')}. "
                .$payload->reason,
            $payload instanceof Reasoned, $payload instanceof EntryStruckPayload, $payload instanceof TagHungPayload,
            $payload instanceof DoubtSettledPayload, $payload instanceof FitSettledPayload,
            $payload instanceof DepartureSettledPayload => $payload->reason,
            $payload instanceof ReleaseDecidedPayload => Words::say('words.decision.'.$payload->decision->value),
            $payload instanceof HandoverStepShownPayload => str_replace('_', ' ', $payload->step),
            $payload instanceof HandoverAnsweredPayload => self::answered(HandoverAnsweredJudgement::read($judgement)),
            $payload instanceof HandoverSignedPayload, $payload instanceof HandoverAlsoSignedPayload => $payload->name,
            $payload instanceof RepairRecordedPayload => trim("{$payload->words} ".implode(', ', $payload->parts)),
            $payload instanceof SpreadExplainedPayload => $payload->words,
            $payload instanceof MachineMovedPayload => $judgement->has('from')
                ? "{$judgement->string('from')} → {$payload->bay}"
                : $payload->bay,
            $payload instanceof AttachmentChangedPayload => implode(' → ', [
                ...($judgement->has('before') ? [$judgement->string('before')] : []),
                $payload->fitted ?? '–',
            ]),
            $payload instanceof MeterReplacedPayload => self::meter($payload, MeterReplacedJudgement::read($judgement)),
            $payload instanceof FluidToppedUpPayload => WrittenFigure::of($payload->litres, Unit::Litre)
                .' '.CatalogueWords::say($judgement->string('fluid')),
            $payload instanceof MeterReadPayload => WrittenFigure::of($payload->hours, Unit::Hour)
                .($payload->on === null ? '' : ", {$payload->on}"),
            $payload instanceof TelematicsReportedPayload => WrittenFigure::of($payload->hours, Unit::Hour)
                .($judgement->flag('in_the_yard') ? '. '.Words::say('words.ran_in_the_yard') : ''),
            $payload instanceof FaultReportedPayload => trim("{$payload->identifier}. {$payload->words}"),
            $payload instanceof ServiceDonePayload => self::service($payload, ServiceDoneJudgement::read($judgement)),
            $payload instanceof HirerTickedPayload => self::tick($payload, DutyDayJudgement::read($judgement)),
            $payload instanceof HirerReportedPayload, $payload instanceof ReportSettledPayload => $payload->words,
            $payload instanceof LedgerVerifiedPayload => Words::say(
                $payload->faults === 0 ? 'words.verified.holds' : 'words.verified.broken',
                ['entries' => $payload->entries, 'faults' => $payload->faults],
            ),
            default => '',
        };
    }

    private static function tick(HirerTickedPayload $payload, DutyDayJudgement $judgement): string
    {
        return Words::say($payload->isDone ? 'words.ticked.done' : 'words.ticked.not_done', [
            'name' => CatalogueWords::say($judgement->name),
            'day' => WrittenDate::ifDay($judgement->day),
        ]);
    }

    private static function answered(HandoverAnsweredJudgement $judgement): string
    {
        return Words::say($judgement->isRight ? 'words.answered.right' : 'words.answered.wrong', [
            'asked' => CatalogueWords::say($judgement->asked),
            'said' => CatalogueWords::say($judgement->said),
        ]);
    }

    private function affirmed(LinesAffirmedJudgement $judgement, ?string $modelId): string
    {
        return implode('; ', array_map(fn (AffirmedLine $line): string => Words::say('words.affirmed', [
            'title' => $this->lineName($line->line, $modelId),
            'day' => WrittenDate::ifDay($line->day),
            'by' => $line->by,
        ]), $judgement->lines));
    }

    private static function service(ServiceDonePayload $payload, ServiceDoneJudgement $judgement): string
    {
        $told = [
            CatalogueWords::say($judgement->name),
            ...($judgement->hours === null ? [] : [WrittenFigure::of($judgement->hours, Unit::Hour)]),
            ...($payload->on === null ? [] : [WrittenDate::ifDay($payload->on)]),
        ];

        return trim(implode(', ', $told).". {$payload->words}");
    }

    private static function meter(MeterReplacedPayload $payload, MeterReplacedJudgement $judgement): string
    {
        return Words::say(
            $judgement->isEstimated ? 'words.meter_replaced.estimated' : 'words.meter_replaced.read',
            [
                'old' => WrittenFigure::marked($judgement->countedTo->text()),
                'new' => WrittenFigure::marked($payload->began),
                'why' => $payload->reason,
            ],
        );
    }

    private function figure(ReadingPostedPayload $payload, JsonObject $judgement): string
    {
        return WrittenFigure::of($payload->value ?? $judgement->string('figure'), Unit::named($payload->unit));
    }

    private static function verdict(JsonObject $judgement): string
    {
        return PresentPhrase::sentence($judgement->object('verdict')->object('reason')->toArray());
    }

    private static function millimetres(int $size): string
    {
        return WrittenFigure::of((string) $size, Unit::Millimetre);
    }

    private function finding(FindingDescription $description, string $words, JsonObject $judgement): string
    {
        $size = $description->sizeMm;

        return CatalogueWords::say($judgement->string('part')).': '.$this->kindOfFinding($description->kind)
            .($size === null ? '' : ', '.self::millimetres($size)).". {$words}";
    }

    private function kindOfFinding(string $id): string
    {
        foreach ($this->shelf->current()->findingKinds as $kind) {
            if ($kind->id === $id) {
                return mb_strtolower(CatalogueWords::say($kind->name));
            }
        }

        return $id;
    }

    private function standsBy(?string $second): string
    {
        $name = $second === null ? null : User::query()->find($second)?->name;

        return $name === null ? '' : ', '.Words::say('words.stands_by', ['name' => $name]);
    }

    private function stageTitle(string $id): string
    {
        foreach ($this->shelf->current()->stages as $stage) {
            if ($stage->id === $id) {
                return $stage->title;
            }
        }

        return $id;
    }
}
