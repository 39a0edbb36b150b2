<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Evening;

use Pindle\App\Views\CautionView;

/** One activity in a few lines. */
final readonly class OfferView
{
    /**
     * @param list<string>      $putOut   nothing where it is empty
     * @param list<CautionView> $cautions
     * @param string            $picture  SVG of the first question; empty where there is nothing to see
     */
    public function __construct(
        public string $name,
        public string $inShort,
        public array $putOut,
        public string $say,
        public string $lookFor,
        public string $ifEasy,
        public string $ifHard,
        public array $cautions,
        public string $picture,
    ) {
    }
}
