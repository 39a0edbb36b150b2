<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lan;

use Pindle\App\Platform\WholeFile;

/**
 * The house's own certificates: a root that may sign only for names ending in .local and for private addresses, so that trusting it on a phone
 * gives nobody else's sites away, and a leaf for the addresses of today. Keys are readable by their owner only and in no copy.
 */
final readonly class Certificates
{
    /** Days; browsers take no leaf that is good for longer. */
    private const LEAF_DAYS = 397;
    private const ROOT_DAYS = 3650;

    /** A leaf is made anew when it is good for fewer days than this. */
    private const RENEW_DAYS = 60;

    /** Private networks of IPv4 and this machine itself, as address and mask. */
    private const PRIVATE = ['127.0.0.0/255.0.0.0', '10.0.0.0/255.0.0.0', '172.16.0.0/255.240.0.0', '192.168.0.0/255.255.0.0', '169.254.0.0/255.255.0.0'];

    public function __construct(private LanFolder $folder)
    {
    }

    /** @param list<string> $names host names and addresses that the leaf is for */
    public function make(array $names): void
    {
        if (!is_dir($this->folder->path)) {
            mkdir($this->folder->path, 0o700, true);
        }
        [$root, $key] = [$this->folder->path.'/root.pem', $this->folder->path.'/root.key'];
        if (!is_file($root) || !is_file($key)) {
            $this->root($root, $key);
        }
        if ($this->needsLeaf($names)) {
            $this->leaf($names, $root, $key);
        }
    }

    private function root(string $root, string $key): void
    {
        $constraints = 'critical,permitted;DNS:local';
        foreach (self::PRIVATE as $network) {
            $constraints .= ',permitted;IP:'.$network;
        }
        $this->sign($root, $key, 'Pindle at home', self::ROOT_DAYS, [
            'basicConstraints' => 'critical,CA:TRUE,pathlen:0',
            'keyUsage' => 'critical,keyCertSign,cRLSign',
            'subjectKeyIdentifier' => 'hash',
            'nameConstraints' => $constraints,
        ]);
    }

    /** @param list<string> $names */
    private function leaf(array $names, string $root, string $key): void
    {
        $alternatives = array_map(static fn (string $name): string => (false === filter_var($name, \FILTER_VALIDATE_IP) ? 'DNS:' : 'IP:').$name, $names);
        $this->sign($this->folder->path.'/leaf.pem', $this->folder->path.'/leaf.key', $names[0], self::LEAF_DAYS, [
            'basicConstraints' => 'critical,CA:FALSE',
            'keyUsage' => 'critical,digitalSignature',
            'extendedKeyUsage' => 'serverAuth',
            'subjectKeyIdentifier' => 'hash',
            'authorityKeyIdentifier' => 'keyid',
            'subjectAltName' => implode(',', $alternatives),
        ], [$root, $key]);
        WholeFile::put($this->folder->path.'/leaf.names', implode("\n", $names));
    }

    /**
     * @param array<string, string>      $extensions
     * @param array{string, string}|null $by the certificate and key that sign it; null when it signs itself
     */
    private function sign(string $certificate, string $key, string $name, int $days, array $extensions, ?array $by = null): void
    {
        $settings = $this->folder->path.'/openssl.cnf';
        $lines = "[req]\ndefault_bits = 2048\ndistinguished_name = dn\n[dn]\n[ext]\n";
        foreach ($extensions as $extension => $value) {
            $lines .= $extension.' = '.$value."\n";
        }
        WholeFile::put($settings, $lines);
        $options = ['config' => $settings, 'digest_alg' => 'sha256', 'x509_extensions' => 'ext', 'private_key_bits' => 2048];
        $new = openssl_pkey_new(['private_key_type' => \OPENSSL_KEYTYPE_EC, 'curve_name' => 'prime256v1', 'private_key_bits' => 2048, 'config' => $settings]);
        $request = false === $new ? false : openssl_csr_new(['commonName' => $name, 'organizationName' => 'Pindle'], $new, $options);
        $signed = false === $new || !$request instanceof \OpenSSLCertificateSigningRequest ? false : openssl_csr_sign(
            $request,
            null === $by ? null : 'file://'.$by[0],
            null === $by ? $new : 'file://'.$by[1],
            $days,
            $options,
            random_int(1, \PHP_INT_MAX),
        );
        if (false === $new || false === $signed || !openssl_x509_export($signed, $text) || !openssl_pkey_export($new, $secret, null, $options)) {
            throw new \RuntimeException('The certificate could not be made: '.openssl_error_string());
        }
        WholeFile::put($key, $secret);
        WholeFile::put($certificate, $text);
    }

    /** @param list<string> $names */
    private function needsLeaf(array $names): bool
    {
        [$leaf, $for] = [$this->folder->path.'/leaf.pem', $this->folder->path.'/leaf.names'];
        if (!is_file($leaf) || !is_file($for) || $names !== explode("\n", (string) file_get_contents($for))) {
            return true;
        }
        $read = openssl_x509_parse((string) file_get_contents($leaf));

        return !\is_array($read) || $read['validTo_time_t'] < time() + self::RENEW_DAYS * 86_400;
    }
}
