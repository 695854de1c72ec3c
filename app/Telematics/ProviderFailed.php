<?php

declare(strict_types=1);

namespace App\Telematics;

/** The provider of telematics does not answer as it should. Nothing of the yard waits for it. */
final class ProviderFailed extends \RuntimeException
{
}
