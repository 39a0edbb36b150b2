<?php

declare(strict_types=1);

use Pindle\App\Platform\Content\Library;
use Pindle\App\Platform\Words;
use Pindle\Core\Skill\Form;
use Pindle\Tests\Make;

/* Writes docs/catalogue.md from content/: every family with the steps, forms and kinds of question it uses, and every step with its families. A test keeps the two equal. */

require_once dirname(__DIR__).'/vendor/autoload.php';

function catalogue(Library $library): string
{
    $words = new Words($library);
    $map = $library->wholeMap();
    $families = $library->catalogue()->families;
    ksort($families);
    $served = [];
    $rows = '';
    foreach ($families as $family) {
        $serves = [];
        foreach ($family->serves as $skill => $generator) {
            $reaches = [];
            foreach ($map->steps as $step) {
                if ($step->skill->id === $skill && [] !== array_filter([] === $step->forms ? [null] : $step->forms, static fn (?Form $form): bool => $family->shows($step, $form))) {
                    $reaches[] = $step->reach;
                    $served[$step->id][] = $family->id;
                }
            }
            $serves[] = sprintf('%s %s by %s', $skill, implode(', ', $reaches), $generator->value);
        }
        $forms = implode(', ', array_map(static fn (Form $form): string => $form->value, $family->forms)) ?: 'spoken';
        $rows .= sprintf("| `%s` | %s | %s | %s | %s |\n", $family->id, $library->familyWords($family->id)->name, implode('; ', $serves), $forms, $family->part->value.($family->together ? ', together' : ''));
    }
    $steps = '';
    foreach ($map->steps as $step) {
        $steps .= sprintf("| `%s` | %s | %s | %s |\n", $step->id, $words->step($step), count($served[$step->id] ?? []), implode(', ', $served[$step->id] ?? []));
    }

    return sprintf("# The catalogue\n\nMade by `php tools/catalogue.php` from `content/`; a test keeps it true. %d families, %d steps.\n\n## Families\n\n| id | name | serves, by which kind of question | forms | your part |\n|---|---|---|---|---|\n%s\n## Steps\n\n| step | in words | families | which |\n|---|---|---|---|\n%s", count($families), count($map->steps), $rows, $steps);
}

if (__FILE__ === realpath($argv[0] ?? '')) {
    file_put_contents(dirname(__DIR__).'/docs/catalogue.md', catalogue(Make::library()));
}
