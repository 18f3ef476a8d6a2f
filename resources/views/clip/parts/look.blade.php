{{-- A small film of the list as it stands, made when it is asked for. --}}
<section class="panel" aria-labelledby="look-title" data-proxy="{{ $page->shot->at('clip.proxy') }}"><header class="panel-head"><h2 id="look-title">Look at
    it</h2><span class="quiet">small, and there within seconds</span></header>
    <div class="form-acts"><button type="button" class="button is-strong" data-play="0"><x-icon name="play" /><span class="text">Play as shot</span></button>
        <button type="button" class="button" data-play="1"><x-icon name="play" /><span class="text">Play brought level</span></button>
        <a class="without-script" href="{{ $page->shot->at('clip.proxy') }}">The small film</a><output class="problem" role="status"></output></div>
    <div class="frame clip-film" hidden><video controls muted loop playsinline preload="none"></video></div>
</section>
