<?php

declare(strict_types=1);

namespace MoltenNotes\App\Photos;

use Aws\S3\S3Client;
use League\Flysystem\AwsS3V3\AwsS3V3Adapter;
use League\Flysystem\Filesystem;
use League\Flysystem\FilesystemOperator;
use League\Flysystem\Local\LocalFilesystemAdapter;

/**
 * The place that is configured for photos: a folder of this machine, or object storage as s3://KEY:SECRET@HOST/BUCKET?region=REGION (with
 * scheme=http for storage without a certificate).
 */
final class PhotoFolder
{
    /** @throws \InvalidArgumentException for an address that is none */
    public static function at(string $address, string $folder): FilesystemOperator
    {
        if ('' === $address) {
            return new Filesystem(new LocalFilesystemAdapter($folder));
        }
        $parts = parse_url($address);
        if (false === $parts || 's3' !== ($parts['scheme'] ?? '') || '' === trim($parts['path'] ?? '', '/')) {
            throw new \InvalidArgumentException('MOLTEN_PHOTOS is not s3://KEY:SECRET@HOST/BUCKET?region=REGION.');
        }
        parse_str($parts['query'] ?? '', $query);
        $region = is_string($query['region'] ?? null) ? $query['region'] : 'us-east-1';
        $scheme = 'http' === ($query['scheme'] ?? null) ? 'http' : 'https';
        $host = ($parts['host'] ?? '').(isset($parts['port']) ? ":{$parts['port']}" : '');
        $client = new S3Client([
            'version' => 'latest',
            'region' => $region,
            'endpoint' => "{$scheme}://{$host}",
            'use_path_style_endpoint' => true,
            'credentials' => ['key' => urldecode($parts['user'] ?? ''), 'secret' => urldecode($parts['pass'] ?? '')],
        ]);

        return new Filesystem(new AwsS3V3Adapter($client, trim($parts['path'], '/')));
    }
}
