#!/bin/sh
# Some registries lack a few of Symfony's split packages. They are folders of the published symfony/symfony package;
# this copies those folders into packages/ (a path repository of composer.json). It does nothing where the packages can be had.
set -eu
cd "$(dirname "$0")/.."
wanted="clock type-info password-hasher rate-limiter"
missing=""
for name in $wanted; do
    [ -f "packages/$name/composer.json" ] && continue
    composer show --available --quiet --no-interaction "symfony/$name" '7.4.*' >/dev/null 2>&1 || missing="$missing $name"
done
[ -n "$missing" ] || exit 0
echo "pindle: taking symfony components from the whole package:$missing"
tmp=$(mktemp -d)
trap 'rm -rf "$tmp"' EXIT
composer create-project symfony/symfony "$tmp/whole" '7.4.*' --no-install --no-scripts --prefer-dist --no-interaction --quiet
for name in $missing; do
    folder=$(printf '%s' "$name" | awk -F- '{ for (i = 1; i <= NF; i++) printf "%s%s", toupper(substr($i, 1, 1)), substr($i, 2) }')
    cp -R "$tmp/whole/src/Symfony/Component/$folder" "packages/$name"
    rm -rf "packages/$name/Tests"
    version=$(sed -n "s/.*const VERSION = '\([0-9.]*\)'.*/\1/p" "$tmp/whole/src/Symfony/Component/HttpKernel/Kernel.php")
    php -r '$f = $argv[1]; $j = json_decode(file_get_contents($f), true); $j["version"] = $argv[2]; file_put_contents($f, json_encode($j, 192));' "packages/$name/composer.json" "$version"
done
