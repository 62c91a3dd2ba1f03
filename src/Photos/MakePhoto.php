<?php

declare(strict_types=1);

namespace MoltenNotes\App\Photos;

use Intervention\Image\Exceptions\RuntimeException as ImageException;
use Intervention\Image\ImageManager;

/**
 * Makes a photo anew from the file that came: turned upright, of sensible size, without place, camera or anything else that was in it.
 * What it is is told from its bytes, never from its name. How much memory a picture takes is known before it is opened.
 */
final readonly class MakePhoto
{
    private const LONGEST = 2048;
    private const THUMBNAIL = 360;
    private const QUALITY = 82;
    /** Four bytes each while it is open: 160 MB. A phone's largest are made smaller on the phone. */
    private const MOST_DOTS = 40_000_000;
    private const FEWEST = 16;
    private const KINDS = [\IMAGETYPE_JPEG => 'JPEG', \IMAGETYPE_PNG => 'PNG', \IMAGETYPE_WEBP => 'WebP'];

    /**
     * @param string $bytes the file
     *
     * @throws PhotoRefused
     */
    public function __invoke(string $bytes): MadePhoto
    {
        if ('' === $bytes) {
            throw new PhotoRefused('photo.empty', 'There is nothing in this file. Please take or choose the photo again.');
        }
        $size = @getimagesizefromstring($bytes);
        if (false === $size || !isset(self::KINDS[$size[2]])) {
            throw new PhotoRefused('photo.kind', self::otherKind($bytes));
        }
        if ($size[0] * $size[1] > self::MOST_DOTS) {
            $million = (int) round($size[0] * $size[1] / 1e6);
            $words = "This photo has {$million} million dots; up to 40 million can be kept. Choose a smaller size in the camera.";
            throw new PhotoRefused('photo.too_large', $words);
        }
        if (min($size[0], $size[1]) < self::FEWEST) {
            throw new PhotoRefused('photo.too_small', 'This picture is too small to see anything on it.');
        }
        if (self::moves($bytes, $size[2])) {
            throw new PhotoRefused('photo.moving', 'This is a moving picture. Please send a still photo.');
        }
        if (\IMAGETYPE_JPEG === $size[2] && !self::isWhole($bytes)) {
            throw new PhotoRefused('photo.damaged', 'This photo is torn off: its end is missing. Please take or choose it again.');
        }
        try {
            $image = ImageManager::gd()->read($bytes);
            $image->scaleDown(self::LONGEST, self::LONGEST);
            $jpeg = (string) $image->toJpeg(self::QUALITY);
            [$width, $height] = [$image->width(), $image->height()];
            $thumbnail = (string) $image->cover(self::THUMBNAIL, self::THUMBNAIL)->toJpeg(self::QUALITY);
        } catch (ImageException|\ErrorException $error) {
            throw new PhotoRefused('photo.damaged', 'This photo is damaged and cannot be opened. Please take or choose it again.', $error);
        }

        return new MadePhoto($jpeg, $thumbnail, $width, $height);
    }

    private static function otherKind(string $bytes): string
    {
        return match (true) {
            str_starts_with($bytes, 'GIF8') => 'A GIF is no photo. Please send a JPEG, a PNG or a WebP.',
            'ftyp' === substr($bytes, 4, 4) => 'This is a HEIC, an AVIF or a film, which cannot be opened here. Set the camera to JPEG.',
            default => 'This is no photo: its bytes are those of something else. Please send a JPEG, a PNG or a WebP.',
        };
    }

    /**
     * Whether a JPEG goes on to its end: the library would draw what is there and leave the rest grey. Segments are walked by their
     * lengths; after a start of scan the next marker is looked for, in which a byte FF is never followed by anything but 00 or a restart.
     * What stands behind the end (a film, as some phones add) does not matter. Source: ITU-T T.81, annex B.
     */
    private static function isWhole(string $bytes): bool
    {
        $at = 2;
        $length = strlen($bytes);
        while ($at + 3 < $length + 2) {
            $at = strpos($bytes, "\xFF", $at);
            if (false === $at || $at + 1 >= $length) {
                return false;
            }
            $marker = ord($bytes[$at + 1]);
            if (0xD9 === $marker) {
                return true;
            }
            if (0x00 === $marker || 0xFF === $marker || ($marker >= 0xD0 && $marker <= 0xD8) || 0x01 === $marker) {
                $at += 0xFF === $marker ? 1 : 2;
                continue;
            }
            if ($at + 3 >= $length) {
                return false;
            }
            $at += 2 + 256 * ord($bytes[$at + 2]) + ord($bytes[$at + 3]);
        }

        return false;
    }

    /** Whether there are several pictures in it. */
    private static function moves(string $bytes, int $kind): bool
    {
        return match ($kind) {
            // The chunk that announces frames stands before the first picture's data.
            \IMAGETYPE_PNG => str_contains(substr($bytes, 0, (int) (strpos($bytes, 'IDAT') ?: strlen($bytes))), 'acTL'),
            \IMAGETYPE_WEBP => 'VP8X' === substr($bytes, 12, 4) && 0 !== (ord($bytes[20] ?? "\0") & 0x02),
            default => false,
        };
    }
}
