#!/usr/bin/env bash
# Writes docs/openapi.json from a running server, and the front end's types from that.
# tools/openapi.sh http://127.0.0.1:5080
set -euo pipefail
cd "$(dirname "$0")/.."
address=${1:?address of a running server}
# What cannot be read leaves the file as it was.
curl -sf "$address/openapi/v1.json" | node -e '
const text = require("fs").readFileSync(0, "utf8"); const document = JSON.parse(text); delete document.servers;
process.stdout.write(JSON.stringify(document, null, 2) + "\n");' > docs/openapi.json.new && mv docs/openapi.json.new docs/openapi.json || { rm -f docs/openapi.json.new; exit 1; }
(cd web && npm run -s types)
