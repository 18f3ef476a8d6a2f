@extends('errors.minimal')
@section('title', 'That is not here')
@section('message', 'There is no shoot, shot or run at this address. It may have been deleted, or the address was cut short.')
