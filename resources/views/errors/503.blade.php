@extends('errors.minimal')
@section('title', 'Evrent is being set up')
@section('message', 'Try again in a moment.')
