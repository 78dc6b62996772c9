<?php

declare(strict_types=1);

namespace Tests\app;

use App\Contract\Error\InvalidDocument;
use App\Format\PhotoFile;
use App\Persistence\WallClock;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Pictures as they are taken in, and the clock that thousands of notes are counted by. */
final class PhotoFileTest extends TestCase
{
    private const PHOTO = __DIR__.'/../fixtures/photo-with-place.jpg';

    public function testWhatACameraWritesBesideThePictureIsLeftOutAndThePictureIsUntouched(): void
    {
        $photo = (string) file_get_contents(self::PHOTO);
        $comment = "\xFF\xFE".pack('n', 2 + 12).'at the pond!';
        $clean = PhotoFile::cleaned(substr($photo, 0, 2).$comment.substr($photo, 2), 'photo');
        self::assertStringNotContainsString('GPSLatitude', $clean);
        self::assertStringNotContainsString('at the pond', $clean);
        self::assertSame(strstr($photo, "\xFF\xDA"), strstr($clean, "\xFF\xDA"));
        self::assertSame($clean, PhotoFile::cleaned($clean, 'photo'));
        self::assertSame($clean, PhotoFile::cleaned($photo.'who took it, and where', 'photo'), 'Nothing is kept behind the end.');
    }

    #[DataProvider('unreadable')]
    public function testWhatIsNoSuchPictureIsRefused(string $bytes, string $says): void
    {
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage($says);
        PhotoFile::cleaned($bytes, 'photo');
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        $photo = (string) file_get_contents(self::PHOTO);
        yield 'nothing' => ['', 'not a readable JPEG'];
        yield 'cut off in the heading' => [substr($photo, 0, 40), 'not a readable JPEG'];
        yield 'a segment that is none' => [substr($photo, 0, 2)."\x00\x00".substr($photo, 4), 'not a readable JPEG'];
        yield 'no picture at all, by its size' => [self::sized($photo, 0, 0), 'not a readable JPEG'];
        yield 'without an end' => [substr($photo, 0, -2), 'not a readable JPEG'];
        yield 'another format' => ["GIF89a\x08\x00\x08\x00\x00\x00\x00;", 'not a readable JPEG'];
        yield 'too large' => [$photo.str_repeat('x', 500_000), 'too large to store'];
    }

    /** The same file with another size in its frame header (ITU-T T.81, B.2.2). */
    private static function sized(string $photo, int $width, int $height): string
    {
        return preg_replace('/(\xFF[\xC0\xC2]..\x08)..../s', '${1}'.pack('n2', $height, $width), $photo, 1) ?? '';
    }

    /** Held against PHP's own clocks at two thousand times of a century, in zones that change in the north, in the south, and never. */
    public function testTheClockOfAWaterIsRightInSummerAndInWinter(): void
    {
        mt_srand(51);
        foreach (['America/Chicago', 'Australia/Sydney', 'Asia/Kolkata', 'UTC'] as $zone) {
            $clock = new WallClock($zone);
            for ($i = 0; $i < 500; ++$i) {
                $time = mt_rand(-600_000_000, 2_100_000_000);
                $expected = (new \DateTimeZone($zone))->getOffset(new \DateTimeImmutable("@$time"));
                self::assertSame($expected, $clock->offsetAt($time), "$zone at $time");
            }
        }
        $own = (new \DateTimeImmutable('@1000000000'))->setTimezone(new \DateTimeZone(date_default_timezone_get()))->getOffset();
        self::assertSame($own, (new WallClock('Nowhere/Atall'))->offsetAt(1_000_000_000));
    }
}
