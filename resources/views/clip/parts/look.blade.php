{{-- A small film of the list as it stands, made when it is asked for. --}}
<section class="panel" aria-labelledby="look-title" data-proxy="{{ $page->shot->at('clip.proxy') }}"><header class="panel-head"><h2 id="look-title">{{
    __('clip.look.title') }}</h2><span class="quiet">{{ __('clip.look.says') }}</span></header>
    <div class="form-acts"><button type="button" class="button is-strong" data-play="0"><x-icon name="play" /><span class="text">{{
        __('clip.look.play') }}</span></button>
        <button type="button" class="button" data-play="1"><x-icon name="play" /><span class="text">{{ __('clip.look.play_level') }}</span></button>
        <a class="without-script" href="{{ $page->shot->at('clip.proxy') }}">{{ __('clip.look.video') }}</a><output class="problem"
            role="status"></output></div>
    <div class="frame clip-film" hidden><video controls muted loop playsinline preload="none"></video></div>
</section>
