<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Http;

use Symfony\Component\Validator\Constraint;

/** A map of settings to answers that core knows. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class KnownSettings extends Constraint
{
}
