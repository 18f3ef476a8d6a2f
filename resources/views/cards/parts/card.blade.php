{{-- One shot on a page: what is wanted first stands first and is large. --}}
<article class="card" aria-label="{{ __('cards.card.label', ['title' => $card->title]) }}">
    <header class="card-head"><h2>{{ $card->title }}</h2><p>{{ $page->place() }}</p></header>
    <p class="card-times">@if ($card->begins)<b>{{ $settings->clock($card->begins) }}</b> {{ __('common.to') }} <b>{{
        $settings->clock($card->ends) }}</b>@else<b>{{ __('cards.card.no_start') }}</b>@endif</p>
    @if ($card->sun !== [])<p class="card-sun">@foreach ($card->sun as [$what, $when])<span>{{ $what }} <b>{{ $settings->clock($when) }}</b></span>
        @endforeach</p>@endif
    <p class="card-figures">{{ $card->figures }} {{ $card->clip }}.</p>
    @if ($card->keyframes !== [])<table class="card-keyframes"><tbody>@foreach ($card->keyframes as $one)<tr><th
        scope="row">{{ $one['peg'] }}</th><td>{{ $settings->clock($one['when']) }}</td>@unless ($card->isVideo)<td>{{ __('cards.card.photo',
            ['photo' => $one['photo']]) }}</td>@endunless<td>{{
        $one['places'] }}</td></tr>@endforeach</tbody></table>@endif
    <h3>{{ __('cards.card.exposure', ['part' => $card->cues === [] ? '' : __('cards.card.cues')]) }}</h3><p>{{ $card->follows }}
        @foreach ($card->settings as $line) {{ $settings->clock($line) }}@endforeach</p>
    @if ($card->cues !== [])<ol class="card-cues">@foreach ($card->cues as $one)<li><b>{{ $settings->clock($one['when']) }}</b> {{ $one['to'] }}
        <small>{{ Evrent\Core\Messages\Quantity::limit($one['photo']) }}</small></li>@endforeach</ol>@endif
    <h3>{{ __('cards.card.checks') }}</h3><ul class="card-checks">@foreach ($card->checks as $one)<li>{{ $one }}</li>@endforeach</ul>
    @if ($card->watch !== [])<h3>{{ __('cards.card.watch') }}</h3><ul>@foreach ($card->watch as $one)<li>{{ $settings->clock($one) }}</li>@endforeach</ul>@endif
    @if ($card->late !== [])<h3>{{ __('cards.card.late') }}</h3><ul>@foreach ($card->late as $one)<li>{{ $settings->clock($one) }}</li>@endforeach</ul>@endif
    <h3>{{ __('cards.card.cautions') }}</h3><ul class="card-cautions">@foreach ($card->cautions as $one)<li>{{ $one }}</li>@endforeach</ul>
</article>
