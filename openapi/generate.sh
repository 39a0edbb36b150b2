#!/bin/sh
# Writes the OpenAPI document from the code and the TypeScript types from the document. --check only says whether they have drifted.
set -eu
cd "$(dirname "$0")/.."
out=$(mktemp -d)
trap 'rm -rf "$out"' EXIT
# What was compiled before would answer for what is written now.
php bin/console cache:clear --no-warmup --quiet
php bin/console nelmio:apidoc:dump --format=json | php -r 'echo json_encode(json_decode(stream_get_contents(STDIN)), 448), "\n";' > "$out/openapi.json"
node openapi/node_modules/openapi-typescript/bin/cli.js "$out/openapi.json" --default-non-nullable false --output "$out/types.ts" >/dev/null
if [ "${1:-}" = --check ]; then
    cmp -s "$out/openapi.json" openapi/openapi.json && cmp -s "$out/types.ts" web/api/types.ts && exit 0
    echo 'The API has changed: run openapi/generate.sh and commit openapi/openapi.json and web/api/types.ts.' >&2
    exit 1
fi
cp "$out/openapi.json" openapi/openapi.json
cp "$out/types.ts" web/api/types.ts
