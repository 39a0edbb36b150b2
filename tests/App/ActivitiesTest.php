<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;
use Pindle\Tests\Make;

/** Activities: the list, one of the household's own, files in and out, use it today. */
final class ActivitiesTest extends ApiTestCase
{
    public function test_every_activity_has_a_card_and_says_what_it_lacks(): void
    {
        $bare = $this->ask('GET', '/activities')['activities'];
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['corks', 'clothes-pegs', 'jar-lids', 'buttons', 'joining-cubes']]);
        $stocked = $this->ask('GET', '/activities')['activities'];
        $lacking = static fn (array $cards): int => \count(array_filter($cards, static fn (array $card): bool => null !== $card['lacks']));

        self::assertCount(\count(Make::catalogue()->activities), $stocked);
        foreach ($stocked as $card) {
            self::assertNotSame([], $card['steps'], $card['id']);
            self::assertSame(null === $card['lacks'], null === $card['lacksShort']);
            self::assertMatchesRegularExpression('/^<svg [^>]*aria-label="[^"{]+"/', $card['picture'], $card['id']);
        }
        self::assertGreaterThan($lacking($stocked), $lacking($bare), 'things make activities possible');
        self::assertSame($lacking($stocked), \count($this->ask('GET', '/cupboard/lacking')['lacking']));
        $this->refuse(404, 'id', 'GET', '/activities/fly-away');
    }

    /** @return iterable<string, array{string, string, string}> what is said, what stands in the file, what stands there instead */
    public static function hurtful(): iterable
    {
        yield 'an anchor' => ['Line 1: anchors', '', "a: &a [1]\n"];
        yield 'an anchor in a list' => ['anchors', 'part: near', 'part: [&a near, *a]'];
        yield 'a tag' => ['and tags (!)', 'part: near', 'part: !php/object "O:8:\"stdClass\":0:{}"'];
        yield 'too deep' => ['more in it', '', 'x: '.str_repeat('[', 17).str_repeat(']', 17)."\n"];
        yield 'too much' => ['more in it', '', 'x: ['.implode(', ', array_fill(0, 2000, '1'))."]\n"];
        yield 'too long' => ['too long', '', '# '.str_repeat('é', 50_000)."\n"];
        yield 'no number' => ['that is none', 'seconds: ', 'seconds: .nan # '];
        yield 'endless' => ['that is none', 'seconds: ', 'seconds: .inf # '];
        yield 'a key nobody knows' => ['recipe: is not known', '', "recipe: cake\n"];
        yield 'a count that divides by nothing at one number' => ['divides by nothing where n = 3', "count: 'n'", "count: 'n / (n - 3)'"];
    }

    #[DataProvider('hurtful')]
    public function test_an_own_activity_that_would_hurt_is_refused_with_the_reason(string $said, string $for, string $instead): void
    {
        $file = str_replace("name: 'Fair shares'", "name: 'Ours'", $this->text('/activities/fair-shares/file'));
        self::assertStringContainsString('' === $for ? 'name:' : $for, $file);
        $text = '' === $for ? $instead.$file : substr_replace($file, $instead, (int) strpos($file, $for), \strlen($for));
        $this->refuse(422, 'text', 'POST', '/activities', ['text' => $text]);

        self::assertStringContainsString($said, (string) $this->browser->getResponse()->getContent());
        self::assertStringNotContainsString('"own":true', $this->text('/activities'));
    }

    public function test_two_hundred_activities_of_your_own_are_plenty(): void
    {
        $file = $this->text('/activities/quick-peek/file');
        $connection = self::service(EntityManagerInterface::class)->getConnection();
        foreach (range(1, 199) as $i) {
            $connection->insert('own_activity', ['id' => 'own-'.$i, 'data' => '{}', 'version' => 1]);
        }
        $this->ask('POST', '/activities', ['text' => $file], 201);
        $this->refuse(422, 'text', 'POST', '/activities', ['text' => $file]);
    }

    public function test_an_activity_is_written_out_whole(): void
    {
        foreach (['over-the-ten', 'guess-jar', 'froth-count', 'bundle-size', 'pass-it-on'] as $id) {
            $whole = $this->ask('GET', '/activities/'.$id);
            self::assertDoesNotMatchRegularExpression(
                '/\{\w/',
                implode(' ', [...$whole['say'], ...$whole['show'], $whole['layOutWords'], ...$whole['lookFor'], ...array_column($whole['cautions'], 'say')]),
                $id,
            );
            self::assertNotSame([], $whole['say'], $id);
        }
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['clothes-pegs', 'jar-lids']]);
        self::assertMatchesRegularExpression(
            '/^[1-9]\d* clothes pegs; [1-9]\d* jar lids$/',
            implode('; ', $this->ask('GET', '/activities/roll-and-add')['layOut']),
            'counted with what the house has',
        );
        $this->addChild('Wim', '2024-06-01');
        self::assertStringContainsString('blow, never suck', implode(' ', array_column($this->ask('GET', '/activities/froth-count')['cautions'], 'say')));
    }

    public function test_an_own_activity_goes_in_and_out_as_a_file_and_is_planned(): void
    {
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['wooden-blocks']]);
        $this->plannedHouse('2023-06-01');
        $file = $this->text('/activities/quick-peek/file');
        $own = $this->ask('POST', '/activities', ['text' => str_replace("'Quick peek'", "'Our peeking'", $file)], 201);
        self::assertTrue($own['own']);
        self::assertStringStartsWith('own-our-peeking', $own['id']);

        self::ensureKernelShutdown();
        $this->setUp();
        self::assertSame($file, str_replace("'Our peeking'", "'Quick peek'", $this->text('/activities/'.$own['id'].'/file')), 'out as it went in');
        $this->ask('POST', '/activities/'.$own['id'].'/use', [], 204);
        self::assertContains($own['id'], array_column($this->ask('GET', '/today')['setUps'], 'activityId'));
        $this->refuse(409, 'id', 'DELETE', '/activities/'.$own['id']);
    }

    public function test_what_does_not_fit_today_says_so_and_changes_nothing(): void
    {
        $this->plannedHouse();
        $before = $this->ask('GET', '/today');
        $this->refuse(409, 'id', 'POST', '/activities/two-figure-piles/use', []);
        self::assertSame($before, $this->ask('GET', '/today'));
    }

    public function test_a_broken_file_is_refused_with_its_line_and_nothing_is_stored(): void
    {
        $file = $this->text('/activities/fetch-me/file');
        $count = \count($this->ask('GET', '/activities')['activities']);
        foreach ([
            'a broken formula' => [str_replace('2 * r', '2 * (r', $file), '/Line \d+.*count/'],
            'an unknown name in a formula' => [str_replace('2 * r', 'q + 1', $file), '/Line \d+.*"q"/'],
            'a skill that is not there' => [str_replace('count-out:', 'fly:', $file), '/serves\.fly/'],
            'a kind of question that is not there' => [str_replace('take-just-so', 'take-it-all', $file), '/take-it-all/'],
            'a text left out' => [(string) preg_replace('/^  tidy: .*$/m', '', $file), '/tidy/'],
            'no YAML at all' => ["name: [x\nserves", '/Line \d/'],
            'another file' => ["title: my list\nitems: [1, 2]", '/no activity file/'],
            'HTML in the name' => [(string) preg_replace('/^name: .*$/m', 'name: "<b>x</b>"', $file), '/without </'],
        ] as $what => [$text, $says]) {
            $problem = $this->ask('POST', '/activities', ['text' => $text], 422);
            self::assertMatchesRegularExpression($says, $problem['detail'], $what);
        }
        self::assertCount($count, $this->ask('GET', '/activities')['activities']);
    }

    public function test_one_line_adds_a_thing_and_what_is_dangerous_is_refused_by_name(): void
    {
        self::assertSame(
            ['corks', 12, [25, 25, 40], true],
            array_values(array_intersect_key(
                $this->ask('POST', '/cupboard/read', ['line' => '12 corks']),
                array_flip(['name', 'amount', 'size', 'sizeIsUsual']),
            )),
        );
        $this->refuse(422, 'line', 'POST', '/cupboard/read', ['line' => '99999 pegs']);
        $this->refuse(422, 'name', 'POST', '/cupboard', ['name' => 'button batteries', 'amount' => 4, 'size' => [5, 20, 20]]);
        $this->refuse(422, 'mass', 'POST', '/cupboard', ['name' => 'bricks', 'amount' => 4, 'mass' => 0]);
        $dangerous = $this->ask('POST', '/cupboard', ['name' => 'dried beans', 'amount' => 40], 201);
        self::assertContains('mouth-sized', $dangerous['traits'], 'cautions follow the name');
    }

    public function test_the_finder_finds_by_name(): void
    {
        $this->addChild('Wilhelmina', '2021-06-01');
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['corks']]);
        $kinds = fn (string $q): array => array_values(array_unique(array_column($this->ask('GET', '/find?q='.$q)['found'], 'kind')));

        self::assertSame(['child'], $kinds('wilh'));
        self::assertSame(['thing'], $kinds('cork'));
        self::assertContains('activity', $kinds('over the ten'));
        self::assertContains('step', $kinds('take'));
        self::assertSame([], $kinds('zzz'));
    }

    public function test_an_own_activity_is_asked_about_like_what_ships(): void
    {
        $this->addChild('Wim', '2023-06-01');
        $file = $this->text('/activities/pass-it-on/file');
        $saying = static fn (string $words): array => ['text' => str_replace('Nothing to lay out. Take any one thing to pass.', $words, $file)];

        $this->refuse(422, 'text', 'POST', '/activities', $saying('Eat popcorn beside a candle.'));
        $own = $this->ask('POST', '/activities', $saying('Eat popcorn and jump after each.'), 201);
        $shorts = array_column($this->ask('GET', '/activities/'.$own['id'])['cautions'], 'blocked', 'short');
        self::assertTrue($shorts['Not for Wim: can choke']);
        self::assertStringContainsString('Wim', (string) $this->ask('GET', '/activities/'.$own['id'])['card']['lacks']);
    }
}
