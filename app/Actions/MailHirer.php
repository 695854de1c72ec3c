<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Documents\BriefingCard;
use App\Documents\Paper;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Keys\LinkKey;
use App\Ledger\Contexts\ContextOfWalk;
use App\Models\Hire;
use App\Models\HirerLanguage;
use App\Models\User;
use App\Presenters\WrittenDate;
use App\Setting;
use App\Words;
use App\Yards\CurrentYard;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Mail;
use JadeLedger\Core\Check\Movement;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** Sends a hirer the link of a hire, with the card of its machine where it was walked out. */
final readonly class MailHirer
{
    public function __construct(
        private MakeHirerLink $make,
        private LinkKey $key,
        private BriefingCard $card,
        private ContextOfWalk $contexts,
        private CurrentYard $yard,
        private WriteAudit $audit,
    ) {
    }

    /** @throws ApiProblem where no server is set, or the server does not take it */
    public function __invoke(Hire $hire, string $to, HirerLanguage $language, User $by): void
    {
        if (Setting::text('mail.mailers.smtp.host') === '') {
            throw ApiProblem::because(ProblemName::MailNowhere, 409);
        }
        $address = ($this->make)($hire, $by)->address($this->key);
        $reads = App::getLocale();
        App::setLocale($language->value);
        try {
            [$subject, $text, $card] = $this->written($hire, $address, $by);
        } finally {
            App::setLocale($reads);
        }
        try {
            Mail::raw($text, static function (Message $message) use ($to, $subject, $card, $hire): void {
                $message->to($to)->subject($subject);
                if ($card !== null) {
                    $message->attachData($card, "card-{$hire->machine->fleet_number}.pdf", [
                        'mime' => 'application/pdf',
                    ]);
                }
            });
        } catch (TransportExceptionInterface $failed) {
            report($failed);
            throw ApiProblem::because(ProblemName::MailNotSent, 502);
        }
        ($this->audit)(AuditKind::HirerMailed, $by, (string) $hire->folio, after: ['to' => $to]);
    }

    /** @return array{string, string, string|null} subject, text, the bytes of the card */
    private function written(Hire $hire, string $address, User $by): array
    {
        $hire->load(['machine', 'customer', 'walks.machine']);
        $words = [
            'yard' => $this->yard->name(),
            'number' => $hire->machine->fleet_number,
            'until' => WrittenDate::moment($hire->comes_back_at, $this->yard->timezone()),
            'link' => $address,
            'folio' => $hire->folio,
        ];
        $walk = $hire->walks->where('movement', Movement::Checkout)->sortByDesc('opened_at')->first();

        return [
            Words::say('documents.mail.subject', $words),
            Words::say('documents.mail.text', $words),
            $walk === null ? null : $this->card->of(($this->contexts)($walk, $by), Paper::A4),
        ];
    }
}
