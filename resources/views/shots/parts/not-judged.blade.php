{{-- What the verdict says nothing of, each with a press to tell. --}}
@php
    use Evrent\Core\Checks\NotJudged;
    $unjudged = NotJudged::of($page->plan);
@endphp
@if ($unjudged !== [])
    <details class="not-judged" id="not-judged"><summary>Not judged: {{ count($unjudged) > 2 ? $unjudged[0]->label() . ' and '
        . (count($unjudged) - 1) . ' more' : implode(', ', array_map(fn ($one) => $one->label(), $unjudged)) }}</summary>
        <div class="not-judged-list"><p>The verdict says nothing of these. Press one to tell.</p>
        @foreach ($unjudged as $one)
            @switch ($one)
                @case (NotJudged::Site)<a class="button is-quiet"
                    href="{{ route('shoots.show', $page->shot->shoot_id) }}#place">{{ ucfirst($one->label()) }}</a>@break
                @case (NotJudged::Start)<a class="button is-quiet" href="#f-start">{{ ucfirst($one->label()) }}</a>@break
                @case (NotJudged::Light)<x-edit :page="$page" edit="part-in" :with="['part' => 'light'] + $page->lightOfKit()" class="is-quiet"
                    id="tell-light" data-then-view="light">{{ ucfirst($one->label()) }}</x-edit>@break
                @case (NotJudged::Lens)<x-edit :page="$page" edit="optics-in" class="is-quiet" id="tell-lens"
                    data-then-view="frame">{{ ucfirst($one->label()) }}</x-edit>@break
                @case (NotJudged::Cards)<x-edit :page="$page" edit="part-in" :with="['part' => 'storage']" class="is-quiet"
                    id="tell-cards" data-then-view="pack">{{ ucfirst($one->label()) }}</x-edit>@break
                @case (NotJudged::CameraPower)<x-edit :page="$page" edit="part-in" :with="['part' => 'power-camera']" class="is-quiet"
                    id="tell-camera-power" data-then-view="pack">{{ ucfirst($one->label()) }}</x-edit>@break
                @case (NotJudged::RigPower)<x-edit :page="$page" edit="part-in" :with="['part' => 'power-rig']" class="is-quiet"
                    id="tell-rig-power" data-then-view="pack">{{ ucfirst($one->label()) }}</x-edit>@break
            @endswitch
        @endforeach
        </div>
    </details>
@endif
