<x-layout :title="$file->label()"
    :crumbs="[$shot->shoot->name => route('shoots.show', $shot->shoot_id), $shot->title() => $shot->at('shots.show'), 'Clip' => $shot->at('clip.show')]">
    <div class="page"><header class="page-head"><h1>{{ $file->label() }}</h1></header>
        <section class="panel"><p class="said-of">{{ $says }}</p>
            <p class="said-of"><a href="{{ $shot->at('clip.show') }}#files">Back to the clip</a> · <a href="{{ $shot->at('shots.show') }}">Change the
                shot</a></p></section></div>
</x-layout>
