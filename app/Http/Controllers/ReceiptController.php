<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Ledger\Verification\CompareReceipts;
use App\Ledger\Verification\DifferingReceipt;
use App\Ledger\Verification\Receipt;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A tablet asks whether the chains still hold what it was told when its entries were taken. */
final readonly class ReceiptController
{
    public function __construct(private JsonBody $body, private CompareReceipts $compare, private WriteAudit $audit)
    {
    }

    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $asked = JsonObject::of($this->body->of($request, 'ReceiptsToCompare'));
        $differing = ($this->compare)(array_map(
            static fn (JsonObject $one): Receipt => new Receipt(
                $one->string('chain'),
                $one->integer('sequence'),
                $one->string('hash'),
            ),
            $asked->objects('receipts'),
        ));
        foreach ($differing as $one) {
            ($this->audit)(AuditKind::ReceiptDiffers, $user, $one->machine ?? $one->receipt->chain, [
                'sequence' => $one->receipt->sequence, 'hash' => $one->receipt->hash,
            ], ['missing' => $one->isMissing]);
        }

        return response()->json(['differing' => array_map(self::told(...), $differing)]);
    }

    /** @return array<string, mixed> */
    private static function told(DifferingReceipt $one): array
    {
        return [
            'chain' => $one->receipt->chain,
            'sequence' => $one->receipt->sequence,
            'machine' => $one->machine,
            'is_missing' => $one->isMissing,
        ];
    }
}
