<?php

declare(strict_types=1);

use Pindle\App\Content\InkFile;
use Pindle\App\Content\SchoolFile;
use Pindle\App\Views\Pictures;
use Pindle\Core\Child\AcrossTen;
use Pindle\Core\Child\AfterMistake;
use Pindle\Core\Child\Answering;
use Pindle\Core\Child\Asking;
use Pindle\Core\Child\ComparingSign;
use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Child\Setting;
use Pindle\Core\Child\Settings;
use Pindle\Core\Child\WayIn;
use Pindle\Core\Child\WholeInBond;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Lie;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Skill\Form;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/*
 * A page that shows each answer to the questions on which parents differ side by side: what is said, and what is drawn. tools/shots.php takes a
 * picture of it.
 */

require_once dirname(__DIR__).'/vendor/autoload.php';

/** @return string HTML */
function taught(): string
{
    $words = Make::words();
    $pictures = new Pictures(Make::glyphs()->hand(), $words, Make::map(), new InkFile(Make::files()));
    $schools = new SchoolFile(Make::files());
    $lids = Make::things()->things()['jar-lids'];
    $side = static function (Setting $setting, string $answer, Prompt $prompt, Settings $taught, string $says) use ($schools, $pictures, $lids): string {
        $form = $prompt instanceof Kind\CompareSigns ? Form::Symbols : Form::Things;
        $drawing = $pictures->ofPrompt($prompt, $form, [$lids], $taught, new Randomizer(new Xoshiro256StarStar(3)));

        return sprintf(
            '<td><b>%s</b><div>%s</div><p>%s</p></td>',
            htmlspecialchars($schools->words($setting)->answers[$answer]['words']),
            [] === $drawing->marks ? '' : $pictures->write($drawing),
            htmlspecialchars($says),
        );
    };
    $sum = new Kind\Join('join', 4, 3);
    [$frame, $sign] = [new Kind\FillFrame('read-frame', 7, null, 10), new Kind\CompareSigns('put-sign', 3, 8)];
    $sentence = new Kind\Join('join-sentence', 4, 3);
    $rows = [
        [Setting::WayIn, WayIn::cases(), $sum, static fn (WayIn $way): Settings => new Settings(wayIn: $way)],
        [Setting::FrameFilling, FrameFilling::cases(), $frame, static fn (FrameFilling $way) => new Settings(frameFilling: $way)],
        [Setting::ComparingSign, ComparingSign::cases(), $sign, static fn (ComparingSign $way) => new Settings(comparingSign: $way)],
        [Setting::AcrossTen, AcrossTen::cases(), new Kind\BridgeTen(7, 6), static fn (AcrossTen $way): Settings => new Settings(acrossTen: $way)],
        [Setting::WholeInBond, WholeInBond::cases(), new Kind\Split(7, 3), static fn (WholeInBond $way): Settings => new Settings(wholeInBond: $way)],
        [Setting::Asking, Asking::cases(), new Kind\CountObjects(4, Lie::Row), static fn (Asking $way): Settings => new Settings(asking: $way)],
        [Setting::AfterMistake, AfterMistake::cases(), $sum, static fn (AfterMistake $way): Settings => new Settings(afterMistake: $way)],
        [Setting::Answering, Answering::cases(), $sum, static fn (Answering $way): Settings => new Settings(answering: $way)],
    ];
    $says = static fn (Setting $setting, Prompt $prompt, Settings $taught): string => match ($setting) {
        Setting::WayIn => $words->say('looking', $taught->wayIn),
        Setting::AfterMistake => $words->say('after_mistakes', $taught->afterMistake),
        Setting::Answering => $words->ask($sentence, [], $lids->name, $taught, $taught->answering),
        default => $words->ask($prompt, [], $lids->name, $taught, null),
    };
    $html = '';
    foreach ($rows as [$setting, $ways, $prompt, $settings]) {
        $html .= '<tr><th>'.htmlspecialchars($schools->words($setting)->question).'</th>';
        foreach ($ways as $way) {
            $html .= $side($setting, $way->value, $prompt, $settings($way), $says($setting, $prompt, $settings($way)));
        }
        $html .= '</tr>';
    }

    return '<!doctype html><meta charset="utf-8"><style>body{font:15px sans-serif;background:#f7f2ea;margin:16px}'
        .'td,th{vertical-align:top;padding:6px;width:20%;text-align:left}td{background:#fffef9;border:1px solid #ddd3c0}'
        .'td div{height:110px}td svg{width:100%;height:100%}p{margin:4px 0}</style><table>'.$html.'</table>';
}
