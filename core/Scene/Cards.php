<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Cards in a line, with a gap where one is to be found. */
final class Cards
{
    public static function draw(Sight\Cards $sight, Canvas $canvas): Drawing
    {
        $labels = $sight->mixed ? $canvas->random->shuffleArray($sight->labels) : $sight->labels;
        $marks = [];
        foreach ($labels as $i => $label) {
            array_push($marks, ...$canvas->card(($i + 0.5) * 56.0, 34.0, $label, 48.0, '' === $label ? 48.0 : 60.0));
        }
        $shown = array_values(array_filter($labels, static fn (string $label): bool => '' !== $label));

        return new Drawing(
            \count($labels) * 56.0,
            68.0,
            $marks,
            1 === \count($shown) ? 'card' : 'cards',
            ['shown' => implode(', ', $shown), 'n' => \count($shown)],
        );
    }
}
