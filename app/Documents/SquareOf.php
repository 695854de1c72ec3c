<?php

declare(strict_types=1);

namespace App\Documents;

use TCPDF2DBarcode;

/** A QR code as rows of 1 (dark) and 0, for whoever draws it. Source: ISO/IEC 18004, error correction level M. */
final class SquareOf
{
    /** @return list<string> */
    public static function address(string $address): array
    {
        /** @var array{bcode?: array<array<int>>} $square */
        $square = (new TCPDF2DBarcode($address, 'QRCODE,M'))->getBarcodeArray();

        return array_values(array_map(
            static fn (array $row): string => implode(
                '',
                array_map(static fn (int $dark): string => $dark === 0 ? '0' : '1', $row),
            ),
            $square['bcode'] ?? [],
        ));
    }
}
