#!/usr/bin/env bash
# Writes docs/openapi.json from a running server, and the front end's types from that.
# tools/openapi.sh http://127.0.0.1:5080
set -e
cd "$(dirname "$0")/.."
curl -sf "${1:?address of a running server}/openapi/v1.json" | node -e '
const text = require("fs").readFileSync(0, "utf8"); const document = JSON.parse(text); delete document.servers;
process.stdout.write(JSON.stringify(document, null, 2) + "\n");' > docs/openapi.json
(cd web && npm run -s types)
