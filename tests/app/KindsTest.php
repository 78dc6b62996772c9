<?php

declare(strict_types=1);

namespace Tests\app;

use App\Contract\Stored\Ability;
use App\Contract\Stored\Address;
use App\Persistence\Entity\HasDocument;
use App\Persistence\Kind\Kinds;
use App\Persistence\Kind\Shape;
use App\UseCase\Shelf;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every kind of what is stored does all that it says it can, and nothing else: a new one is tested by being declared. */
final class KindsTest extends ApiTestCase
{
    private const ID = '0193a000-0000-7000-8000-0000000000a1';
    private const OTHER_ID = '0193a000-0000-7000-8000-0000000000a2';

    private const CHANGED = ['note' => 'changed'];

    /** @var list<Address>|null */
    private static ?array $addresses = null;
    /** @var array<string, string> ids by kind */
    private array $made = [];

    #[DataProvider('listed')]
    public function testOneIsAddedChangedDeletedAndRestored(Address $address): void
    {
        $one = $this->add($address->name);
        self::assertSame($one, $this->shown($address));
        if ($address->can(Ability::Add)) {
            $this->send('POST', "/api/$address->name", $this->sample($address->name));
            self::assertSame(['id'], array_keys($this->faults()), 'The id is taken.');
        }
        if ($address->can(Ability::Change)) {
            $changed = $this->send('PUT', $this->url($address), $this->changed($address) + $one);
            self::assertSame(200, $this->answered(), $this->content());
            self::assertIsArray($changed);
            self::assertSame($changed, $this->shown($address));
            self::assertNotSame(self::withoutVersion($one), self::withoutVersion($changed));
            $one = $changed;
        }
        if ($address->can(Ability::Delete)) {
            $this->send('DELETE', $this->url($address), null, ['HTTP_IF_MATCH' => '"v99"']);
            self::assertSame(412, $this->answered());
            $this->send('DELETE', $this->url($address));
            self::assertSame(204, $this->answered());
            self::assertSame([], $this->listedNow($address));
            foreach (['GET', 'DELETE', ...$address->can(Ability::Change) ? ['PUT'] : []] as $method) {
                $this->send($method, $this->url($address), 'PUT' === $method ? $this->changed($address) + $one : null);
                self::assertSame(404, $this->answered(), $method);
            }
            $back = $this->send('POST', $this->url($address).'/restore');
            self::assertSame(200, $this->answered());
            self::assertSame(self::withoutVersion($one), self::withoutVersion($back ?? []));
            self::assertCount(1, $this->listedNow($address));
        }
    }

    #[DataProvider('editable')]
    public function testAChangeToAStateThatIsNoLongerThereIsRefused(Address $address): void
    {
        $one = $address->isOne ? $this->replaced($address) : $this->add($address->name);
        $tag = $this->tag($address);
        $change = fn (array $document, ?string $tag = null): int => $this->put($address, $this->changed($address) + $document, $tag);
        self::assertLessThan(300, $change(['version' => null] + $one, $tag), $this->content());
        self::assertSame(412, $change(['version' => null] + $one, $tag), 'By its tag.');
        $problem = json_decode($this->content(), true);
        \assert(\is_array($problem));
        self::assertSame(self::withoutVersion($this->shown($address)), self::withoutVersion((array) $problem['current']));
        self::assertSame($this->tag($address), $this->browser->getResponse()->headers->get('ETag'));
        self::assertSame(412, $change(['version' => null] + $one, '"nonsense"'));
        $hasVersion = property_exists($address->document, 'version');
        if ($hasVersion) {
            self::assertSame(409, $change(['version' => 1] + $one), 'By the version in the document.');
            self::assertSame(409, $change(['version' => null] + $one), 'A document that has a version has to name it.');
            self::assertSame(422, $change(['version' => 1] + $one, $this->tag($address)), 'Two versions.');
            self::assertSame(['version'], array_keys($this->faults()));
        } else {
            self::assertLessThan(300, $change($one), 'Whatever is there is written over.');
        }
        self::assertLessThan(300, $change(($hasVersion ? ['version' => 1] : []) + $one, '*'), $this->content());
    }

    #[DataProvider('kept')]
    public function testOneThatCannotBeReadBreaksNothingAndIsNotLost(Address $address): void
    {
        $kinds = self::getContainer()->get(Kinds::class);
        self::assertInstanceOf(Kinds::class, $kinds);
        $entity = $kinds->named($address->name)->is->entity;
        if (!is_subclass_of($entity, HasDocument::class)) {
            self::assertFalse(property_exists($entity, 'document'));

            return;
        }
        $address->isOne ? $this->replaced($address) : $this->add($address->name);
        $this->damage($entity);
        self::assertContains('{"cut off', array_column($this->send('GET', '/api/attention') ?? [], 'document'));
        if ($address->isOne) {
            $this->send('GET', $this->url($address));
            self::assertSame(200, $this->answered());
        } else {
            $this->send('GET', $this->url($address));
            self::assertSame(404, $this->answered());
            self::assertStringContainsString('cannot be read', $this->content());
            self::assertStringContainsString('no longer valid JSON', $this->content());
        }
        $backup = $this->send('GET', '/api/backup');
        self::assertSame(200, $this->answered());
        self::assertContains('{"cut off', array_column((array) ($backup['unreadable'] ?? []), 'document'));
        if ($address->can(Ability::Delete)) {
            $this->send('DELETE', $this->url($address));
            self::assertSame(204, $this->answered());
            $this->send('POST', $this->url($address).'/restore');
            self::assertSame(404, $this->answered());
        }
        if ($address->can(Ability::Replace)) {
            self::assertSame(204, $this->put($address, $this->sample($address->name), '"v99"'), 'It is set aside.');
            self::assertContains('{"cut off', array_column($this->send('GET', '/api/attention') ?? [], 'document'));
        }
    }

    #[DataProvider('kept')]
    public function testABackupBringsItBack(Address $address): void
    {
        $address->isOne ? $this->replaced($address) : $this->add($address->name);
        if ($address->can(Ability::Delete)) {
            $this->send('DELETE', $this->url($address));
        }
        $this->send('GET', '/api/backup');
        $backup = $this->content();
        Schema::assertValid('backup', $backup);
        $this->refuseNewer($address, $backup);
        $this->send('POST', '/api/backup', '{"kontrast":5,"notebook":{"waters":[],"readings":[]},"settings":{"units":"us","theme":"lamp"},'
            .'"parts":[],"swatches":[]}');
        self::assertSame(200, $this->answered(), $this->content());
        self::forgetEntities();
        $this->send('POST', '/api/backup', $backup);
        self::assertSame(200, $this->answered(), $this->content());
        self::forgetEntities();
        if ($address->can(Ability::Delete)) {
            self::assertSame([], $this->listedNow($address), 'It comes back deleted.');
            $this->send('POST', $this->url($address).'/restore');
            self::assertSame(200, $this->answered(), $this->content());
            self::assertCount(1, $this->listedNow($address));
        }
        $this->shown($address);
        $this->send('GET', '/api/backup');
        self::assertStringContainsString($this->made[$address->name] ?? '', $this->content());
    }

    /** A file that says no shapes is of before there were any; the steps since are those that it goes through. */
    #[DataProvider('kept')]
    public function testAnOlderBackupBringsItBackAsItIsWrittenNow(Address $address): void
    {
        $address->isOne ? $this->replaced($address) : $this->add($address->name);
        $now = self::withoutVersion($this->shown($address));
        $this->send('GET', '/api/backup');
        $backup = json_decode($this->content());
        \assert($backup instanceof \stdClass && $backup->notebook instanceof \stdClass);
        $backup->kontrast = 5;
        unset($backup->notebook->shapes);
        $this->send('POST', '/api/backup', json_encode($backup, \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR));
        self::assertSame(200, $this->answered(), $this->content());
        self::forgetEntities();
        self::assertSame($now, self::withoutVersion($this->shown($address)));
        foreach ($this->shapesOf($address) as $table => $shape) {
            $shapes = self::database()->fetchFirstColumn("SELECT DISTINCT shape FROM $table");
            self::assertSame([$shape->number], $shapes, "Every one is of the shape of today in $table.");
        }
    }

    #[DataProvider('kept')]
    public function testWhatIsStoredInAnotherShapeIsNotReadAsIfItWereOfThisOne(Address $address): void
    {
        $address->isOne ? $this->replaced($address) : $this->add($address->name);
        foreach ($this->shapesOf($address) as $table => $shape) {
            self::database()->executeStatement("UPDATE $table SET shape = shape + 1");
            self::forgetEntities();
            $reason = array_column($this->send('GET', '/api/attention') ?? [], 'reason', 'kind')[$shape->name->value] ?? null;
            self::assertIsString($reason);
            self::assertStringContainsString((string) ($shape->number + 1), $reason);
        }
    }

    /** @return array<string, Shape> by table, of it and of what it holds */
    private function shapesOf(Address $address): array
    {
        $kinds = self::getContainer()->get(Kinds::class);
        $manager = self::getContainer()->get(EntityManagerInterface::class);
        \assert($kinds instanceof Kinds && $manager instanceof EntityManagerInterface);
        $kind = $kinds->named($address->name);
        $shapes = [];
        foreach ([$kind, ...array_map($kinds->named(...), array_values($kind->is->holds))] as $one) {
            if (null !== $one->is->shape) {
                $shapes[$manager->getClassMetadata($one->is->entity)->getTableName()] = $one->is->shape;
            }
        }

        return $shapes;
    }

    private function refuseNewer(Address $address, string $backup): void
    {
        foreach ($this->shapesOf($address) as $shape) {
            $file = json_decode($backup);
            \assert($file instanceof \stdClass && $file->notebook instanceof \stdClass && $file->notebook->shapes instanceof \stdClass);
            $name = $shape->name->shapedAs();
            self::assertSame($shape->number, $file->notebook->shapes->{$name});
            $file->notebook->shapes->{$name} = $shape->number + 1;
            $this->send('POST', '/api/backup', json_encode($file, \JSON_THROW_ON_ERROR));
            self::assertSame(["notebook.shapes.$name"], array_keys($this->faults()));
        }
    }

    #[DataProvider('kept')]
    public function testWhatItCannotDoIsRefusedWithWhatItCan(Address $address): void
    {
        $this->send('PATCH', "/api/$address->name", []);
        if ('workbench' !== $address->name) {
            self::assertSame(405, $this->answered());
        }
        if (!$address->isOne && !$address->can(Ability::Change)) {
            $this->send('PUT', $this->url($address), $this->sample($address->name));
            self::assertSame(405, $this->answered());
        }
        if ($address->isOne) {
            $this->send('DELETE', "/api/$address->name");
            self::assertSame(405, $this->answered());
        }
    }

    /** @return iterable<string, array{Address}> */
    public static function kept(): iterable
    {
        foreach (self::$addresses ??= self::addresses() as $address) {
            yield $address->name => [$address];
        }
    }

    /** @return list<Address> */
    private static function addresses(): array
    {
        $shelf = self::getContainer()->get(Shelf::class);
        \assert($shelf instanceof Shelf);
        $addresses = $shelf->addresses();
        self::ensureKernelShutdown();
        restore_exception_handler();

        return $addresses;
    }

    /** @return iterable<string, array{Address}> */
    public static function listed(): iterable
    {
        foreach (self::kept() as $name => [$address]) {
            if (!$address->isOne) {
                yield $name => [$address];
            }
        }
    }

    /** @return iterable<string, array{Address}> */
    public static function editable(): iterable
    {
        foreach (self::kept() as $name => [$address]) {
            if ($address->can(Ability::Change) || $address->can(Ability::Replace)) {
                yield $name => [$address];
            }
        }
    }

    /** @return array<string, mixed> one of a kind, as it is sent */
    private function sample(string $name): array
    {
        $trip = json_decode((string) file_get_contents(__DIR__.'/../../docs/examples/trip-tamarack.json'), true);
        $trial = ['a' => Samples::build(), 'b' => ['trailer' => null] + Samples::build(), 'block_min' => 20];

        return match ($name) {
            'waters' => ['id' => self::ID, 'note' => 'first'] + Samples::water(),
            'readings' => ['id' => self::ID, 'reading' => Samples::reading(), 'note' => 'first'],
            'builds' => ['id' => self::ID, 'name' => 'Rock jig', 'build' => Samples::build()],
            'trips' => ['id' => self::ID, 'name' => 'Saturday', 'trip' => $trip],
            'trials' => ['id' => self::ID, 'name' => 'One or the other', 'trial' => $trial],
            'outings' => ['id' => self::ID, 'started_at' => '2026-05-09T09:00:00+00:00', 'stints' => [[
                'id' => self::OTHER_ID, 'started_at' => '2026-05-09T09:00:00+00:00', 'build' => Samples::build(),
                'reading' => Samples::reading(), 'events' => [['at' => '2026-05-09T09:10:00+00:00', 'kind' => 'landed']],
            ]]],
            'parts' => ['id' => self::ID] + Samples::craw(),
            'names' => ['id' => self::ID, 'name' => 'Okie', 'colour' => 'green_pumpkin', 'accents' => ['chartreuse']],
            'practice-answers' => ['id' => self::ID, 'lesson' => 'tie', 'right' => true, 'card' => 'B8', 'level' => 2, 'points' => 88],
            'built' => ['items' => [['name' => 'One', 'build' => Samples::build(), 'count' => 1]]],
            'settings' => ['units' => 'metric', 'theme' => 'lamp', 'schools' => ['dirty' => 'bright']],
            'current-reading' => ['reading' => Samples::reading()],
            'workbench' => ['build' => Samples::build()],
            default => self::fail("Say here what one of $name looks like."),
        };
    }

    /** @return array<string, mixed> what is changed of one */
    private function changed(Address $address): array
    {
        return match ($address->name) {
            'parts' => ['count' => 17],
            'names' => ['accents' => ['orange']],
            'settings' => ['theme' => 'noon'],
            'current-reading' => ['reading' => ['visibility_in' => 9] + Samples::reading()],
            // PHP takes an empty object for a list.
            'outings' => ['box' => new \stdClass()] + self::CHANGED,
            default => self::CHANGED,
        };
    }

    /** @return array<mixed> as it is stored */
    private function add(string $name): array
    {
        $sample = $this->sample($name);
        $answer = $this->send('POST', "/api/$name", 'parts' === $name ? [$sample] : $sample);
        self::assertContains($this->answered(), [200, 201], $this->content());
        $one = 'parts' === $name ? $answer[0] ?? [] : $answer ?? [];
        self::assertIsArray($one);
        self::assertIsString($one['id']);
        $this->made[$name] = $one['id'];

        return $one;
    }

    /** @return array<mixed> */
    private function replaced(Address $address): array
    {
        $method = $address->can(Ability::Replace) ? 'PUT' : 'PATCH';
        $this->send($method, $this->url($address), $this->sample($address->name));
        self::assertSame(204, $this->answered(), $this->content());

        return $this->shown($address);
    }

    /**
     * @param array<mixed> $document
     * @param string|null  $tag      for If-Match
     */
    private function put(Address $address, array $document, ?string $tag): int
    {
        $document = property_exists($address->document, 'version') ? $document : array_diff_key($document, ['version' => 0]);
        $this->send('PUT', $this->url($address), $document, null === $tag ? [] : ['HTTP_IF_MATCH' => $tag]);

        return $this->answered();
    }

    private function url(Address $address): string
    {
        return "/api/$address->name".($address->isOne ? '' : '/'.($this->made[$address->name] ?? self::ID));
    }

    /** @return array<mixed> */
    private function shown(Address $address): array
    {
        $shown = $this->send('GET', $this->url($address));
        self::assertSame(200, $this->answered(), $this->content());

        return $shown ?? [];
    }

    private function tag(Address $address): string
    {
        $this->shown($address);

        return (string) $this->browser->getResponse()->headers->get('ETag');
    }

    /** @return array<mixed> */
    private function listedNow(Address $address): array
    {
        $list = $this->send('GET', "/api/$address->name");
        self::assertSame(200, $this->answered());

        return $list ?? [];
    }

    /** @param class-string $entity */
    private function damage(string $entity): void
    {
        $manager = self::getContainer()->get(EntityManagerInterface::class);
        \assert($manager instanceof EntityManagerInterface);
        $table = $manager->getClassMetadata($entity)->getTableName();
        self::assertSame(1, self::database()->executeStatement("UPDATE $table SET document = '{\"cut off'"));
        self::forgetEntities();
    }

    private static function database(): Connection
    {
        $database = self::getContainer()->get(Connection::class);
        \assert($database instanceof Connection);

        return $database;
    }

    private function content(): string
    {
        return $this->said();
    }

    /**
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private static function withoutVersion(array $document): array
    {
        return array_diff_key($document, ['version' => 0]);
    }
}
