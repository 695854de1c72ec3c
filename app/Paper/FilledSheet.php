<?php

declare(strict_types=1);

namespace App\Paper;

use App\Contract\JsonObject;
use App\Hires\YardTime;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Words;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Walk\SheetEndsBeforeItBegins;
use JadeLedger\Core\Walk\SheetTimes;

/** A walk that was done with paper and pen, as somebody types it afterwards. */
final readonly class FilledSheet
{
    /**
     * @param string $id made where it is entered: the same sheet sent twice is the same entries
     * @param string|null $second who stood by; none where nobody had to
     * @param array<string, list<string>> $confirmed lines that are ticked, by state
     * @param array<string, JsonObject> $answers entries without time, by line
     */
    private function __construct(
        public string $id,
        public string $walkedBy,
        public ?string $second,
        public CarbonImmutable $begun,
        public SheetTimes $times,
        public array $confirmed,
        public array $answers,
    ) {
    }

    /** @throws ApiProblem where its times are none, or the wrong way round */
    public static function read(JsonObject $asked, YardTime $time): self
    {
        $begun = $time->moment($asked->string('begun'), 'begun');
        $ended = $time->moment($asked->string('ended'), 'ended');
        try {
            $times = SheetTimes::lasting((int) $begun->diffInSeconds($ended));
        } catch (SheetEndsBeforeItBegins) {
            throw ApiProblem::because(ProblemName::SheetEndsBeforeItBegins, 422, [], [
                'ended' => [Words::say('problems.sheet_ends_before_it_begins.title')],
            ]);
        }
        $confirmed = [];
        foreach ($asked->objects('states') as $state) {
            $confirmed[$state->string('stage')] = $state->strings('confirmed');
        }
        $answers = [];
        foreach ($asked->objects('answers') as $answer) {
            $answers[$answer->object('payload')->string('line')] = $answer;
        }

        return new self(
            $asked->string('id'),
            $asked->string('walked_by'),
            $asked->optionalString('second'),
            $begun,
            $times,
            $confirmed,
            $answers,
        );
    }
}
