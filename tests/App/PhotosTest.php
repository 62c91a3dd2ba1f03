<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\App\Photos\PhotoFolder;

/** Photos: made anew, kept for their owner, pinned, and refused with a clear line where they are none. */
final class PhotosTest extends ApiTestCase
{
    private string $attempt;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
        $this->attempt = (string) $this->pour($this->casting())['id'];
    }

    public function testAPhotoIsMadeAnewWithoutItsPlaceAndShownToItsOwnerOnly(): void
    {
        $id = self::id();
        $taken = time() - 3600;
        $photo = $this->send("/api/attempts/{$this->attempt}/photos?id={$id}&taken={$taken}", self::withPlace(self::jpeg(3000, 2000)), 201);
        self::assertSame([2048, 1365, (float) $taken], [$photo['width'], $photo['height'], (float) $photo['taken_at']]);
        // The same again, after a lost answer, is the one that is there.
        self::assertSame($id, $this->send("/api/attempts/{$this->attempt}/photos?id={$id}", 'whatever', 201)['id']);
        self::assertCount(1, $this->call('GET', "/api/attempts/{$this->attempt}/photos")['photos']);

        [$status, $headers, $bytes] = $this->file("/api/photos/{$id}");
        self::assertSame([200, 'image/jpeg'], [$status, $headers['content-type']]);
        self::assertStringContainsString('private', $headers['cache-control']);
        self::assertStringContainsString('immutable', $headers['cache-control']);
        self::assertStringNotContainsString('Exif', $bytes);
        self::assertStringNotContainsString('GPS', $bytes);
        self::assertSame([2048, 1365], array_slice((array) getimagesizefromstring($bytes), 0, 2));
        [$partly, $part, $some] = $this->file("/api/photos/{$id}", ['HTTP_RANGE' => 'bytes=0-99']);
        self::assertSame([206, 100], [$partly, strlen($some)]);
        self::assertStringStartsWith('bytes 0-99/', $part['content-range']);
        self::assertSame(304, $this->file("/api/photos/{$id}", ['HTTP_IF_NONE_MATCH' => $headers['etag']])[0]);
        self::assertSame([360, 360], array_slice((array) getimagesizefromstring($this->file("/api/photos/{$id}/thumbnail")[2]), 0, 2));

        $this->call('DELETE', '/api/session');
        $this->signedIn('second@molten.example');
        foreach (["/api/photos/{$id}", "/api/photos/{$id}/thumbnail", "/api/attempts/{$this->attempt}/photos"] as $path) {
            self::assertSame(404, $this->file($path)[0], $path);
        }
        $own = (string) $this->pour($this->casting())['id'];
        $this->send("/api/attempts/{$own}/photos?id={$id}", self::jpeg(100, 80), 404);
        $this->change([['part' => 'photo', 'id' => $id, 'set' => ['caption' => ['was' => null, 'to' => 'mine']]]], 404);
    }

    public function testAPictureLyingOnItsSideIsTurnedUpright(): void
    {
        $id = self::id();
        $photo = $this->send("/api/attempts/{$this->attempt}/photos?id={$id}", self::withPlace(self::jpeg(400, 200), 6), 201);
        self::assertSame([200, 400], [$photo['width'], $photo['height']]);
    }

    public function testWhatIsNoPhotoIsRefusedWithAClearLineAndNothingIsKept(): void
    {
        $whole = self::jpeg(800, 600);
        $png = self::picture(64, 64, 'imagepng');
        // The chunk that announces frames, behind the head of a still picture.
        $frames = 'acTL'.pack('NN', 2, 0);
        $refusals = [
            'photo.empty' => '',
            'photo.kind' => '<?php echo "not a photo";',
            'photo.damaged' => substr($whole, 0, (int) (strlen($whole) / 2)),
            'photo.moving' => substr($png, 0, 33).pack('N', 8).$frames.pack('N', crc32($frames)).substr($png, 33),
            'photo.too_small' => self::jpeg(8, 8),
            // A head that says how large it is, and no dots: refused before any memory is taken.
            'photo.too_large' => substr($png, 0, 16).pack('NN', 20_000, 20_000).substr($png, 24),
        ];
        foreach ($refusals as $code => $bytes) {
            $answer = $this->send("/api/attempts/{$this->attempt}/photos?id=".self::id(), $bytes, 422);
            self::assertSame($code, $answer['code']);
            self::assertMatchesRegularExpression('/[.?]$/', (string) $answer['title']);
        }
        foreach (['GIF89a'.str_repeat("\0", 40) => 'GIF', "\0\0\0\x18ftypheic".str_repeat("\0", 40) => 'HEIC'] as $bytes => $word) {
            $answer = $this->send("/api/attempts/{$this->attempt}/photos?id=".self::id(), $bytes, 422);
            self::assertStringContainsString($word, (string) $answer['title']);
        }
        $this->send("/api/attempts/{$this->attempt}/photos?id=one", $whole, 422);
        $this->send('/api/attempts/'.self::id().'/photos?id='.self::id(), $whole, 404);
        self::assertSame([], $this->call('GET', "/api/attempts/{$this->attempt}/photos")['photos']);
        self::assertLessThan(200e6, memory_get_peak_usage(true));
    }

    public function testOtherKindsOfPhotosAreTaken(): void
    {
        foreach (['imagepng', 'imagewebp'] as $as) {
            $id = self::id();
            $this->send("/api/attempts/{$this->attempt}/photos?id={$id}", self::picture(300, 200, $as), 201);
            self::assertSame('image/jpeg', $this->file("/api/photos/{$id}")[1]['content-type']);
        }
    }

    public function testFindingsArePinnedOnPhotosAndStandSideBySide(): void
    {
        $id = self::id();
        $this->send("/api/attempts/{$this->attempt}/photos?id={$id}", self::jpeg(400, 300), 201);
        $finding = $this->find($this->attempt, ['kind' => 'misrun']);
        $this->change([['part' => 'photo', 'id' => $id, 'set' => [
            "pin.{$finding}" => ['was' => null, 'to' => ['x' => 0.25, 'y' => 0.5]],
            'caption' => ['was' => null, 'to' => 'As opened'],
        ]]]);
        $photo = $this->call('GET', "/api/attempts/{$this->attempt}/photos")['photos'][0];
        self::assertSame(['As opened', 'misrun', 0.25], [$photo['caption'], $photo['pins'][0]['kind'], $photo['pins'][0]['x']]);
        $casting = (string) $this->call('GET', "/api/attempts/{$this->attempt}")['casting_id'];
        self::assertSame($id, $this->call('GET', "/api/castings/{$casting}/photos")['photos'][0]['id']);

        foreach ([['x' => 1.2, 'y' => 0], ['x' => 'left', 'y' => 0], ['x' => 0.1], ['x' => 0.1, 'y' => 0.1, 'z' => 1]] as $wrong) {
            $set = ["pin.{$finding}" => ['was' => ['x' => 0.25, 'y' => 0.5], 'to' => $wrong]];
            $this->change([['part' => 'photo', 'id' => $id, 'set' => $set]], 422);
        }
        $nothing = ['pin.'.self::id() => ['was' => null, 'to' => ['x' => 0.1, 'y' => 0.1]]];
        $this->change([['part' => 'photo', 'id' => $id, 'set' => $nothing]], 422);
        $this->change([['part' => 'photo', 'id' => $id, 'set' => ['binned' => ['was' => false, 'to' => true]]]]);
        self::assertSame([], $this->call('GET', "/api/attempts/{$this->attempt}/photos")['photos']);
        $bin = $this->call('GET', '/api/bin')['things'];
        self::assertSame(['photo', 'As opened, Cleat, no. 1'], [$bin[0]['part'], $bin[0]['words']]);
        $this->change([['part' => 'photo', 'id' => $id, 'set' => ['binned' => ['was' => true, 'to' => false]]]]);
        self::assertSame(200, $this->file("/api/photos/{$id}")[0]);
    }

    public function testAPhotoThatLayInTheBinForItsTimeIsGoneWithItsFile(): void
    {
        $id = self::id();
        $this->send("/api/attempts/{$this->attempt}/photos?id={$id}", self::jpeg(400, 300), 201);
        $this->change([['part' => 'photo', 'id' => $id, 'set' => ['binned' => ['was' => false, 'to' => true]]]]);
        $this->storage()->executeStatement("UPDATE photo SET binned_at = '2020-01-01'");
        self::assertSame([], $this->call('GET', '/api/bin')['things']);
        self::assertSame(404, $this->file("/api/photos/{$id}")[0]);
    }

    public function testObjectStorageIsChosenByConfigurationAndANonsenseAddressIsToldAtOnce(): void
    {
        $folder = sys_get_temp_dir().'/photos-'.bin2hex(random_bytes(4));
        PhotoFolder::at('', $folder)->write('a/b.jpg', 'bytes');
        self::assertFileExists($folder.'/a/b.jpg');
        $elsewhere = PhotoFolder::at('s3://key:secret@127.0.0.1:9000/pictures?region=here&scheme=http', $folder);
        self::assertStringStartsWith(
            'http://127.0.0.1:9000/pictures/a/b.jpg',
            $elsewhere->temporaryUrl('a/b.jpg', new \DateTimeImmutable('+1 hour')),
        );
        $this->expectException(\InvalidArgumentException::class);
        PhotoFolder::at('ftp://somewhere', $folder);
    }

    /**
     * @param array<string, string> $server
     *
     * @return array{int, array<string, string>, string}
     */
    private function file(string $path, array $server = []): array
    {
        ob_start();
        $this->browser->request('GET', $path, [], [], $server);
        ob_end_clean();
        $response = $this->browser->getResponse();

        return [
            $response->getStatusCode(),
            array_map(static fn (array $values): string => (string) ($values[0] ?? ''), $response->headers->all()),
            (string) $this->browser->getInternalResponse()->getContent(),
        ];
    }

    private static function jpeg(int $width, int $height): string
    {
        return self::picture($width, $height, 'imagejpeg');
    }

    /** @param 'imagejpeg'|'imagepng'|'imagewebp' $as */
    private static function picture(int $width, int $height, string $as): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        self::assertNotFalse($image);
        for ($i = 0; $i < 40; ++$i) {
            $colour = (int) imagecolorallocate($image, ($i * 5) % 256, 80, 120);
            imagefilledellipse($image, ($i * 97) % $width, ($i * 61) % $height, 90, 60, $colour);
        }
        ob_start();
        match ($as) {
            'imagejpeg' => imagejpeg($image, null, 90),
            'imagepng' => imagepng($image),
            'imagewebp' => imagewebp($image),
        };

        return (string) ob_get_clean();
    }

    /** As a phone's camera writes it: how it was held, and where. Built by the Exif standard: TIFF head, a directory, a GPS directory. */
    private static function withPlace(string $jpeg, int $orientation = 1): string
    {
        $tiff = 'MM'.pack('nN', 42, 8).pack('n', 2)
            .pack('nnNnn', 0x0112, 3, 1, $orientation, 0)
            .pack('nnNN', 0x8825, 4, 1, 38).pack('N', 0)
            .pack('n', 1).pack('nnN', 1, 2, 2)."N\0\0\0".pack('N', 0);
        $exif = "Exif\0\0".$tiff;

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
    }
}
