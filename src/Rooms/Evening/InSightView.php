<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Evening;

/** An ordinary thing that may be in sight. */
final readonly class InSightView
{
    /**
     * @param string      $picture SVG
     * @param string|null $why     why it will not do in this house; null where it does
     */
    public function __construct(public string $id, public string $name, public string $picture, public bool $chosen, public ?string $why)
    {
    }
}
