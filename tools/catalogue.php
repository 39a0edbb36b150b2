<?php

declare(strict_types=1);

use Pindle\Core\Skill\Form;
use Pindle\Tests\Make;

/* Writes docs/catalogue.md from content/: every activity with the steps, forms and kinds of question it uses, and every step with
   its activities. A test keeps the two equal. */

require_once dirname(__DIR__).'/vendor/autoload.php';

function catalogue(): string
{
    $words = Make::words();
    $map = Make::wholeMap();
    $activities = Make::catalogue()->activities;
    ksort($activities);
    $names = array_map(static fn (array $data): string => (string) $data['name'], Make::activityFile()->shipped());
    $served = [];
    $rows = '';
    foreach ($activities as $activity) {
        $serves = [];
        foreach ($activity->serves as $skill => $kind) {
            $reaches = [];
            foreach ($map->steps as $step) {
                if ($step->skill->id === $skill && [] !== array_filter(
                    [] === $step->forms ? [null] : $step->forms,
                    static fn (?Form $form): bool => $activity->shows($step, $form),
                )) {
                    $reaches[] = $step->reach->name;
                    $served[$step->id][] = $activity->id;
                }
            }
            $serves[] = sprintf('%s %s by %s', $skill, implode(', ', $reaches), $kind->id);
        }
        $forms = implode(', ', array_map(static fn (Form $form): string => $form->value, $activity->forms)) ?: 'spoken';
        $rows .= sprintf(
            "| `%s` | %s | %s | %s | %s |\n",
            $activity->id,
            $names[$activity->id],
            implode('; ', $serves),
            $forms,
            $activity->part->value.($activity->together ? ', together' : ''),
        );
    }
    $steps = '';
    foreach ($map->steps as $step) {
        $steps .= sprintf(
            "| `%s` | %s | %s | %s |\n",
            $step->id,
            $words->step($step),
            count($served[$step->id] ?? []),
            implode(', ', $served[$step->id] ?? []),
        );
    }

    return sprintf(
        "# The catalogue\n\nMade by `php tools/catalogue.php` from `content/`; a test keeps it true. %d activities, %d steps.\n\n"
        ."## Activities\n\n| id | name | serves, by which kind of question | forms | your part |\n|---|---|---|---|---|\n%s\n"
        ."## Steps\n\n| step | in words | activities | which |\n|---|---|---|---|\n%s",
        count($activities),
        count($map->steps),
        $rows,
        $steps,
    );
}

if (__FILE__ === realpath($argv[0] ?? '')) {
    file_put_contents(dirname(__DIR__).'/docs/catalogue.md', catalogue());
}
