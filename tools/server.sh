# How the server is run wherever it is: from its folder, at one address.

# Compiled ahead for the machine it is built on: the first lesson after a start takes half as long. Where what compiles
# ahead cannot be had it runs all the same, and so it does in tests, which have built it already.
publish_server() {
    local publish="env DOTNET_TieredPGO=0 dotnet publish src/BoldLadder.Server -c Release -o $1 -v q"
    $publish --use-current-runtime --self-contained false -p:PublishReadyToRun=true >&2 || $publish >&2
}
publish_built_server() { dotnet publish src/BoldLadder.Server -c Release -o "$1" -v q --no-build >&2; }

# A school's own machine has other uses for its memory. Beside a large cache the runtime lets as much of what it is done
# with pile up before it clears away, and each thread keeps what it was lent. bench/load measures what stays.
# What is asked for often is compiled again, better, at once: else not before a moment comes in which nothing new is asked
# for, and the first year that is planned has none.
run_server() { cd "$1" && DOTNET_TC_CallCountingDelayMs=0 DOTNET_GCgen0size=0x800000 MALLOC_ARENA_MAX=1 exec dotnet BoldLadder.Server.dll --urls "$2"; }
