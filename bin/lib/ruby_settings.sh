# Of the processes that go on running: they compute, and give back what they do not need.
export BUNDLE_GEMFILE="$ROOT/Gemfile" BUNDLE_PATH="$ROOT/vendor/bundle" BUNDLE_FROZEN=true
# Large fields come and go: many arenas would keep them all.
export RUBY_GC_OLDMALLOC_LIMIT_MAX=64000000 RUBY_GC_HEAP_OLDOBJECT_LIMIT_FACTOR=1.5 MALLOC_ARENA_MAX=2
