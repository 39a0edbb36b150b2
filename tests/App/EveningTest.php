<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\TestWith;

/** From nothing to a first activity, whatever happens on the way. */
final class EveningTest extends ApiTestCase
{
    private const WIM = ['name' => 'Wim', 'born' => '2021-06-01'];

    public function test_from_nothing_to_a_first_activity_and_the_morning_after(): void
    {
        $evening = $this->ask('GET', '/evening');
        self::assertSame('who', $evening['screen']);
        self::assertGreaterThan(8, \count($evening['allergens']));

        $evening = $this->ask('POST', '/evening/who', ['children' => [self::WIM], 'littleOne' => 18, 'allergies' => ['wheat']]);
        self::assertSame(['things', 'Wim'], [$evening['screen'], $evening['childName']]);
        self::assertCount(8, $evening['things']);
        $why = array_column($evening['things'], 'why', 'id');
        self::assertNotNull($why['buttons'], 'not with a little one');
        self::assertNotNull($why['pasta-tubes'], 'wheat');
        self::assertNull($why['cups']);

        $evening = $this->ask('POST', '/evening', ['screen' => 'things', 'things' => ['cups', 'jar-lids']]);
        $asked = [];
        for ($number = 1; 'cards' === $evening['screen']; ++$number) {
            self::assertSame([$number, 4], [$evening['card']['number'], $evening['card']['of']]);
            $asked[] = $evening['card']['stepId'];
            $seen = 1 === $number % 2 ? 'often' : 'not-yet';
            $evening = $this->ask('POST', '/evening', ['screen' => 'cards', 'card' => $evening['card']['stepId'], 'seen' => $seen]);
        }
        self::assertCount(4, array_unique($asked));
        self::assertSame('tomorrow', $evening['screen']);
        self::assertSame('look', $this->ask('GET', '/children')['present'][0]['startsFrom'], 'what was seen is where it begins');
        foreach (['name', 'say', 'lookFor', 'ifEasy', 'ifHard'] as $line) {
            self::assertNotSame('', $evening['offer'][$line]);
        }
        self::assertMatchesRegularExpression('/cup|lid/', implode(' ', $evening['offer']['putOut']), 'with what is in sight');

        $first = $evening['offer']['name'];
        $evening = $this->ask('POST', '/evening', ['screen' => 'tomorrow', 'take' => 'another']);
        self::assertNotSame($first, $evening['offer']['name']);
        $evening = $this->ask('POST', '/evening', ['screen' => 'tomorrow', 'take' => 'try-tomorrow']);
        self::assertSame('done', $evening['screen']);

        $this->wakeUpOn('2026-03-05');
        $evening = $this->ask('GET', '/evening');
        self::assertSame('morning', $evening['screen']);
        $evening = $this->ask('POST', '/evening', ['screen' => 'morning', 'mark' => 'mostly-alone']);
        self::assertSame('over', $evening['screen']);
        self::assertStringStartsWith('Wim did most of it alone', $evening['after']);
        $closing = self::service(EntityManagerInterface::class)->getConnection()->fetchAssociative('SELECT mark, covers FROM closing');
        self::assertSame(['mark' => 'mostly-alone', 'covers' => 4], $closing, 'four questions at four years');
    }

    protected function tearDown(): void
    {
        $_SERVER['PINDLE_TODAY'] = $_ENV['PINDLE_TODAY'] = '2026-03-04';
        parent::tearDown();
    }

    private function wakeUpOn(string $day): void
    {
        $_SERVER['PINDLE_TODAY'] = $_ENV['PINDLE_TODAY'] = $day;
        self::ensureKernelShutdown();
        $this->setUp();
    }

    public function test_a_house_with_children_needs_no_first_evening(): void
    {
        $this->addChild('Wim', '2021-06-01');

        self::assertSame('over', $this->ask('GET', '/evening')['screen']);
        $this->refuse(409, 'screen', 'POST', '/evening/who', ['children' => [self::WIM]]);
    }

    public function test_what_does_not_belong_is_said_at_its_field_and_nothing_is_kept(): void
    {
        $this->refuse(422, 'children.0.born', 'POST', '/evening/who', ['children' => [['name' => 'Wim', 'born' => '2027-01-01']]]);
        $this->refuse(422, 'children.1.name', 'POST', '/evening/who', ['children' => [self::WIM, ['name' => ' ', 'born' => '2021-01-01']]]);
        $this->refuse(422, 'children', 'POST', '/evening/who', ['children' => []]);
        $this->refuse(422, 'children', 'POST', '/evening/who', ['children' => array_fill(0, 6, self::WIM), 'littleOne' => 6]);
        $this->refuse(422, 'littleOne', 'POST', '/evening/who', ['children' => [self::WIM], 'littleOne' => 36]);
        self::assertSame('who', $this->ask('GET', '/evening')['screen']);
        self::assertSame([], $this->ask('GET', '/children')['present']);

        $this->ask('POST', '/evening/who', ['children' => array_fill(0, 6, self::WIM)]);
        self::assertCount(6, $this->ask('GET', '/children')['present']);
        $this->refuse(422, 'things', 'POST', '/evening', ['screen' => 'things', 'things' => ['dragons']]);
        self::assertSame('things', $this->ask('GET', '/evening')['screen']);
    }

    /** With no thing at all, and with every allergy there is: something without things is proposed. */
    #[TestWith([false])]
    #[TestWith([true])]
    public function test_there_is_always_something_to_begin_with(bool $everyAllergy): void
    {
        $allergies = $everyAllergy ? array_column($this->ask('GET', '/evening')['allergens'], 'id') : [];
        $this->ask('POST', '/evening/who', ['children' => [self::WIM], 'allergies' => $allergies]);
        $this->ask('POST', '/evening', ['screen' => 'things', 'things' => []]);
        $evening = $this->ask('POST', '/evening', ['screen' => 'cards', 'card' => null]);

        self::assertSame('tomorrow', $evening['screen'], 'the cards can be skipped');
        self::assertSame([], array_filter($evening['offer']['putOut'], static fn (string $one): bool => 1 === preg_match('/^\d/', $one)));
    }

    #[TestWith(['2025-09-01'])]
    #[TestWith(['2023-12-01'])]
    #[TestWith(['2018-01-01'])]
    public function test_there_is_something_at_every_age(string $born): void
    {
        $this->ask('POST', '/evening/who', ['children' => [['name' => 'Wim', 'born' => $born]]]);
        $this->ask('POST', '/evening', ['screen' => 'things', 'things' => ['cups', 'socks']]);

        self::assertNotNull($this->ask('POST', '/evening', ['screen' => 'cards', 'card' => null])['offer']);
    }

    public function test_two_devices_at_once_and_a_way_back_go_on_from_where_it_is(): void
    {
        $this->ask('POST', '/evening/who', ['children' => [self::WIM]]);
        $this->refuse(409, 'screen', 'POST', '/evening/who', ['children' => [self::WIM]]);
        self::assertCount(1, $this->ask('GET', '/children')['present'], 'nobody twice');

        $this->ask('POST', '/evening', ['screen' => 'things', 'things' => ['cups']]);
        $this->refuse(409, 'screen', 'POST', '/evening', ['screen' => 'things', 'things' => ['socks']]);
        $this->refuse(409, 'card', 'POST', '/evening', ['screen' => 'cards', 'card' => 'form-numeral@10', 'seen' => 'often']);
        self::assertSame('things', $this->ask('POST', '/evening/back', ['screen' => 'cards'])['screen']);
        self::assertSame(['cups'], array_column(array_filter($this->ask('GET', '/evening')['things'], static fn (array $one): bool => $one['chosen']), 'id'));
        $this->refuse(409, 'screen', 'POST', '/evening/back', ['screen' => 'things']);
    }

    public function test_started_at_once_it_is_on_the_table(): void
    {
        $this->ask('POST', '/evening/who', ['children' => [self::WIM]]);
        $this->ask('POST', '/evening', ['screen' => 'things', 'things' => ['cups', 'jar-lids']]);
        $offer = $this->ask('POST', '/evening', ['screen' => 'cards', 'card' => null])['offer'];
        $evening = $this->ask('POST', '/evening', ['screen' => 'tomorrow', 'take' => 'now']);

        self::assertSame('over', $evening['screen']);
        $table = $this->ask('GET', '/table/'.$evening['tableId']);
        self::assertSame([$offer['name'], $offer['say']], [$table['name'], $table['turns'][0]['ask']], 'what was shown is what is asked');
        [$setUp] = $this->ask('GET', '/today')['setUps'];
        self::assertSame($evening['tableId'], $setUp['id']);
        $answer = $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once'));
        self::assertSame($table['turns'][0]['stepId'], $answer['stepId']);
        self::assertContains($evening['tableId'], array_column($this->ask('POST', '/today/plan', [])['setUps'], 'id'), 'what is begun stays');
    }
}
