<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lan;

use Pindle\App\Platform\WholeFile;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('pindle:lan', 'Makes ready what the house needs on the family\'s own network: certificates, and settings for caddy and php-fpm.')]
final readonly class LanCommand
{
    public function __construct(private LanFolder $folder, private Certificates $certificates, private string $projectDir)
    {
    }

    /**
     * Prints the names and addresses it will answer to, with commas between.
     *
     * @param string $addresses for trying it out: private addresses instead of those of the machine
     */
    public function __invoke(
        SymfonyStyle $io,
        #[Option(description: 'The port on this machine')] int $port = 8317,
        #[Option(description: 'The port on the network')] int $lanPort = 8318,
        #[Option(description: 'Addresses, with commas between')] string $addresses = '',
    ): int {
        $found = '' === $addresses ? self::found() : explode(',', $addresses);
        if ([] === $found) {
            $io->getErrorStyle()->writeln('This machine is on no private network: there is nobody it could answer to.');

            return Command::FAILURE;
        }
        $name = strtolower((string) preg_replace('/[^A-Za-z0-9-].*$/', '', (string) gethostname())).'.local';
        $this->certificates->make([$name, ...$found]);
        $urls = array_map(static fn (string $host): string => 'https://'.$host.':'.$lanPort, [$name, ...$found]);
        $before = is_file($this->folder->path.'/addresses') ? trim((string) file_get_contents($this->folder->path.'/addresses')) : '';
        if ('' !== $before && $before !== implode("\n", $urls)) {
            $io->getErrorStyle()->writeln(\sprintf(
                'The address has changed. It was %s. A phone that used that one opens the new one, and signs in anew.',
                strtok($before, "\n"),
            ));
        }
        WholeFile::put($this->folder->path.'/addresses', implode("\n", $urls)."\n");
        WholeFile::put($this->folder->path.'/Caddyfile', $this->caddy($port, $lanPort, $name, $found));
        WholeFile::put($this->folder->path.'/fpm.conf', $this->fpm());
        $io->writeln(implode(',', ['127.0.0.1', 'localhost', '[::1]', $name, ...$found]));

        return Command::SUCCESS;
    }

    /** @return list<string> private IPv4 addresses of this machine */
    private static function found(): array
    {
        $found = [];
        foreach (net_get_interfaces() ?: [] as $interface) {
            foreach ($interface['up'] ?? false ? $interface['unicast'] ?? [] : [] as $unicast) {
                $address = $unicast['address'] ?? '';
                $isPrivate = false !== filter_var($address, \FILTER_VALIDATE_IP, \FILTER_FLAG_IPV4)
                    && false === filter_var($address, \FILTER_VALIDATE_IP, \FILTER_FLAG_NO_PRIV_RANGE);
                if ($isPrivate) {
                    $found[] = $address;
                }
            }
        }
        sort($found);

        return array_values(array_unique($found));
    }

    /** @param list<string> $addresses */
    private function caddy(int $port, int $lanPort, string $name, array $addresses): string
    {
        $folder = $this->folder->path;
        $public = $this->projectDir.'/public';
        $sites = implode(', ', array_map(static fn (string $host): string => 'https://'.$host.':'.$lanPort, [$name, ...$addresses]));
        $bind = implode(' ', $addresses);

        // A site named by an address would listen on every address and open port 80; bind and auto_https keep it to what is meant.
        return <<<CADDY
            {
                admin off
                skip_install_trust
                auto_https off
                grace_period 1s
                storage file_system {$folder}/caddy
                servers {
                    protocols h1 h2
                }
                log {
                    output discard
                }
            }
            (house) {
                root * {$public}
                encode gzip
                request_body {
                    max_size 1030MB
                }
                header -Server
                @assets path /build/assets/*
                header @assets Cache-Control "public, max-age=31536000, immutable"
                header @assets X-Content-Type-Options nosniff
                @files {
                    path /build/* /icon.svg /icon-192.png /icon-512.png
                    file
                }
                handle @files {
                    header X-Content-Type-Options nosniff
                    file_server {
                        precompressed gzip
                    }
                }
                handle {
                    rewrite * /index.php
                    php_fastcgi unix/{$folder}/fpm.sock {
                        index off
                        capture_stderr
                    }
                }
            }
            {$sites} {
                bind {$bind}
                tls {$folder}/leaf.pem {$folder}/leaf.key
                import house
            }
            http://127.0.0.1:{$port}, http://localhost:{$port} {
                bind 127.0.0.1
                import house
            }

            CADDY;
    }

    private function fpm(): string
    {
        $folder = $this->folder->path;

        return <<<FPM
            [global]
            daemonize = no
            error_log = {$folder}/fpm.log
            log_level = warning
            [pindle]
            listen = {$folder}/fpm.sock
            listen.mode = 0600
            pm = static
            pm.max_children = 6
            pm.max_requests = 1000
            clear_env = no
            request_terminate_timeout = 60s
            php_admin_value[memory_limit] = 256M
            php_admin_value[max_execution_time] = 30
            php_admin_flag[expose_php] = off
            php_admin_flag[enable_post_data_reading] = off
            php_admin_flag[zend.exception_ignore_args] = on
            php_admin_flag[display_errors] = off
            php_admin_flag[log_errors] = on

            FPM;
    }
}
