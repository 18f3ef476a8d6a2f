{{-- What the verdict leaves out, one press each to add it, or to its field where it is added and only assumed. --}}
@php
    use Evrent\Core\Checks\NotChecked;
    $verdict = $page->report->verdict;
    $added = $page->fieldsOfAdded();
@endphp
@if ($verdict->notChecked !== [])
    <details class="not-judged" id="not-judged"><summary>{{ rtrim(Words::say($verdict->coverage()), '.') }}</summary>
        <div class="not-judged-list"><p>{{ __('shots.not_judged.press') }}</p>
        @foreach ($verdict->notChecked as $one)
            @if (isset($added[$one->value]))<a class="button is-quiet" href="#f-{{ $added[$one->value] }}">{{ Words::capital($one->label()) }}</a>@continue
            @endif
            @switch ($one)
                @case (NotChecked::Site)<a class="button is-quiet"
                    href="{{ route('shoots.show', $page->shot->shoot_id) }}#place">{{ Words::capital($one->label()) }}</a>@break
                @case (NotChecked::Light)<x-edit :page="$page" edit="part-in" :with="['part' => 'light'] + $page->lightOfKit()" class="is-quiet"
                    id="tell-light" data-then-view="light">{{ Words::capital($one->label()) }}</x-edit>@break
                @case (NotChecked::Lens)<x-edit :page="$page" edit="optics-in" class="is-quiet" id="tell-lens"
                    data-then-view="frame">{{ Words::capital($one->label()) }}</x-edit>@break
                @case (NotChecked::Cards)<x-edit :page="$page" edit="part-in" :with="['part' => 'storage']" class="is-quiet"
                    id="tell-cards" data-then-view="pack">{{ Words::capital($one->label()) }}</x-edit>@break
                @case (NotChecked::CameraPower)<x-edit :page="$page" edit="part-in" :with="['part' => 'power-camera']" class="is-quiet"
                    id="tell-camera-power" data-then-view="pack">{{ Words::capital($one->label()) }}</x-edit>@break
                @case (NotChecked::RigPower)<x-edit :page="$page" edit="part-in" :with="['part' => 'power-rig']" class="is-quiet"
                    id="tell-rig-power" data-then-view="pack">{{ Words::capital($one->label()) }}</x-edit>@break
            @endswitch
        @endforeach
        </div>
    </details>
@endif
